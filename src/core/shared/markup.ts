// Text as XML and HTML may hold it.

/** The signs of markup, each with the reason why it may not stand as it is. */
const ENTITIES: Record<string, string> = {
  '&': '&amp;', // begins an entity
  '<': '&lt;', // begins a tag
  '>': '&gt;', // may end a CDATA section
  '"': '&quot;', // ends an attribute
};

/** Text for an element or an attribute of XML or HTML. */
export const escapeMarkup = (text: string): string =>
  text.replace(/[&<>"]/g, (sign) => ENTITIES[sign]!);

/** Half a surrogate pair stands for no character and can't be encoded. */
const LONE_SURROGATE = /[\ud800-\udbff](?![\udc00-\udfff])|(?<![\ud800-\udbff])[\udc00-\udfff]/g;
/** Control signs that XML 1.0 (2.2) forbids even as references. */
export const FORBIDDEN_IN_XML = /[\u0000-\u0008\u000b\u000c\u000e-\u001f\ufffe\uffff]/g;

/** The text with a replacement sign for each half of a surrogate pair. */
export const wellFormed = (text: string): string => text.replace(LONE_SURROGATE, '\ufffd');

/** Text for XML 1.0: signs that it forbids are left out, those of markup are escaped. */
export const escapeXml = (text: string): string =>
  escapeMarkup(wellFormed(text.replace(FORBIDDEN_IN_XML, '')));
