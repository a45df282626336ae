// Signs that may not stand in a workbook's XML as they are, each with the reason.

const ENTITIES: Record<string, string> = {
  '&': '&amp;', // begins an entity
  '<': '&lt;', // begins a tag
  '>': '&gt;', // may end a CDATA section
  '"': '&quot;', // ends an attribute
};

/** Text for an element or attribute. Escapes of the form _x0041_ that stand in the text itself are escaped once more (ECMA-376 part 1, 22.4.2.4). */
export function escapeXml(text: string): string {
  if (/^[\w ,.?!'()-]*$/.test(text) && !text.includes('_x')) {
    return text;
  }
  return text
    .replace(/_(?=x[0-9A-Fa-f]{4}_)/g, '_x005F_')
    .replace(/[&<>"]/g, (sign) => ENTITIES[sign]!)

    .replace(
      /[\u0000-\u0008\u000b\u000c\u000e-\u001f\ufffe\uffff\r]/g,
      (sign) => `_x${sign.charCodeAt(0).toString(16).toUpperCase().padStart(4, '0')}_`,
    )
    .replace(/[\ud800-\udbff](?![\udc00-\udfff])|(?<![\ud800-\udbff])[\udc00-\udfff]/g, '\ufffd');
}
