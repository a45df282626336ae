// The sign between several values in one cell: shown by samples, named in a heading, or said in a sentence.
import type { Column } from '../model';
import { bareWords } from '../shared/normalise';
import { speaksOf } from '../shared/vocabulary/rule-words';
import { endedSentences, separatorIn } from './key-sentences';

/** A sign between values, also twice or three times over. */
const SIGN = String.raw`\|{1,3}|;{1,2}|\/{1,2}|[,+#~^]`;
const BEHIND_WORD = new RegExp(
  String.raw`(?:with|by|between|using|put|mit|durch|avec|par|con|met|med)\s+["'“‘„«(]?(${SIGN})`,
  'i',
);
const QUOTED = /[("'“‘]\s*(\|{1,3}|;{1,2})/;
const BY_BLANKS =
  /\b(?:with|by|mit|durch|avec|par|con|met|med)\s+(?:(?:a|single|one|einem|ein|un|uno|een|ett)\s+)*(?:spaces?|blanks?|leerzeichen|espaces?|espacios?|spazi[oa]?|spaties?|mellanslag)\b/i;
const BY_LINES =
  /\b(?:one|each|eine?[rs]?|une?|uno|een)\s+(?:per|pro|on (?:a|its) (?:new|own)|par|por|per)\s+(?:line|zeile|ligne|l[ií]nea|riga|regel)\b|\bline breaks?\b|\bzeilenumbr[uü]ch/i;
const BY_NAME: readonly (readonly [string, RegExp])[] = [
  ['|', /\bbars?\b|\bpipe/i],
  [';', /semicolon|semikolon|strichpunkt|point-virgule|punto y coma|punto e virgola|puntkomma/i],
  [',', /comma|komma|virgule/i],
  ['\n', BY_LINES],
  [' ', BY_BLANKS],
];

/** The separator of tags or several values that a heading names in brackets. */
export const separatorNamed = (text: string): string | undefined =>
  BEHIND_WORD.exec(text)?.[1] ??
  QUOTED.exec(text)?.[1] ??
  BY_NAME.find(([, pattern]) => pattern.test(text))?.[0];

/** Signs that hardly stand in texts, and one for each line. */
const SHOWN = /\S\s*(\|{1,3}|;{1,2})\s*\S|\S(\n)\S/u;

/** The sign between several values that a column's samples or its heading show. */
export function separatorOf(
  column: Column,
  sampled: readonly string[],
  words: readonly string[],
): string | undefined {
  const sign = sampled
    .map(
      (text) =>
        SHOWN.exec(text)?.slice(1).find(Boolean) ??
        (column.role === 'tags' ? /\S(,)/u.exec(text)?.[1] : undefined) ??
        (column.role === 'wrongs' ? /\S\s*(\/|,)\s*\S/u.exec(text)?.[1] : undefined),
    )
    .find(Boolean);
  return sign ?? separatorNamed(column.heading ?? '') ?? separatorSaid(column, words);
}

/** The separator that a sentence about the column names. */
function separatorSaid({ role, heading }: Column, words: readonly string[]): string | undefined {
  const name = bareWords((heading ?? '').replace(/[([].*$/su, ''));
  return words
    .flatMap(endedSentences)
    .filter((text) => {
      const said = bareWords(text);
      return (
        (name.length > 2 && said.includes(name)) ||
        (role === 'tags' && speaksOf('tags', said)) ||
        (role === 'wrongs' && speaksOf('wrong', said))
      );
    })
    .map(separatorIn)
    .find(Boolean);
}
