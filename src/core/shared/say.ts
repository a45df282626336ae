// The one door for what the core says to people. English stands where it is said, as an ICU message; `npm run words` lists it
// with the texts of the page, and whoever runs the core (a page, its worker) may speak another language through src/languages.
import { i18n } from '@lingui/core';
import { compileMessage } from '@lingui/message-utils/compileMessage';

/** The language in which everything is said unless another is spoken. */
export const ENGLISH = 'en-GB';

/** Each text is taken apart once, however often it is said. */
const compiled = new Map<string, ReturnType<typeof compileMessage>>();
i18n.setMessagesCompiler((text) => {
  const known = compiled.get(text) ?? compileMessage(text);
  compiled.set(text, known);
  return known;
});

/** A language as it is spoken: its code, whose ways of writing numbers and dates hold, and what it says for English texts. */
export type Spoken = { locale: string; locales: readonly string[]; texts: Record<string, string> };

/** Speaks a language from now on; what it leaves out is said in English. */
export function speak({ locale, locales, texts }: Spoken): void {
  i18n.loadAndActivate({ locale, locales: [...locales], messages: texts });
}

/** The language that is spoken now, for another thread that is to speak it as well. */
export const spoken = (): Spoken => ({
  locale: i18n.locale,
  locales: [i18n.locales ?? ENGLISH].flat(),
  texts: i18n.messages as Record<string, string>,
});

speak({ locale: ENGLISH, locales: [ENGLISH], texts: {} });

/** A text in the language that is spoken, with its values in their places. */
export const say = (text: string, values?: Record<string, unknown>): string => i18n._(text, values);

/** Marks a text that stands in a table and is said later, by `say`, once it is known which language is spoken. */
export const toSay = (text: string): string => text;
