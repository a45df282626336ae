// The language in which the page and its worker speak. English stands where it is said, as ICU messages, and `npm run words`
// lists it in en.json; every other language is a file in public/languages that gives for each English text its own.
import { i18n } from '@lingui/core';
import { ENGLISH, speak as speakIn } from '../core/shared/say';

export { ENGLISH };
/** The languages that there are, by their codes and their own names for themselves. */
export const LANGUAGES: Readonly<Record<string, string>> = { [ENGLISH]: 'English' };
/** Where the browser keeps the language that a person chose. */
const KEPT_AS = 'cowslip-language';

/** A language as the user's own region writes its dates and numbers: English in Germany is `en-DE`. */
export function asWrittenIn(language: string, user: string | undefined): string {
  try {
    const { region } = new Intl.Locale(user ?? language).maximize();
    return new Intl.Locale(new Intl.Locale(language).language, { region }).toString();
  } catch {
    // What the browser calls its language may be no name of one.
    return language;
  }
}

/** How dates and numbers are written. */
export const locale = (): string => asWrittenIn(i18n.locale, globalThis.navigator?.language);

/** Speaks a language from now on, by what it says for each English text; what it leaves out is said in English. */
export function speak(language: string, texts: Record<string, string> = {}): void {
  speakIn({
    locale: language,
    locales: [asWrittenIn(language, globalThis.navigator?.language), language],
    texts,
  });
}

/** The language chosen in this browser, else the first that it prefers and we have. */
function wished(): string {
  try {
    const chosen = globalThis.localStorage.getItem(KEPT_AS);
    const preferred = globalThis.navigator.languages.find((one) => one in LANGUAGES);
    return chosen ?? preferred ?? ENGLISH;
  } catch {
    // A browser that keeps nothing, or none at all.
    return ENGLISH;
  }
}

/** What a language says; undefined where its file can't be had. */
async function textsOf(language: string): Promise<Record<string, string> | undefined> {
  try {
    const answer = await fetch(`/languages/${encodeURIComponent(language)}.json`);
    return answer.ok ? ((await answer.json()) as Record<string, string>) : undefined;
  } catch {
    return undefined;
  }
}

/** Chooses a language for this browser; the page is loaded again in it. */
export function choose(language: string): void {
  localStorage.setItem(KEPT_AS, language);
  location.reload();
}

// Whatever says something waits for this module, so words that are said as soon as a module loads are of the language as well.
speak(ENGLISH);
const language = wished();
const texts = language === ENGLISH ? undefined : await textsOf(language);
if (texts) {
  speak(language, texts);
  document.documentElement.lang = language;
}

export { i18n };
