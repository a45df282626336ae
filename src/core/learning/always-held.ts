// What a form's sentences say that a column always holds.
import { endedSentences } from './key-sentences';

/** 'Column H', in several languages; words for always and for a value. Common practice, no source. */
const COLUMN = String.raw`(?:column|spalte|colonne|columna|colonna|kolom|coluna|kolumna|kolumn|kolonne)\s+([A-Z]{1,2})`;
/** 'Column H always holds v3'. */
const ALWAYS = new RegExp(
  String.raw`${COLUMN}\s.*(?:always|immer|toujours|siempre|sempre|altijd|zawsze|alltid|altid)\s(?:.*\s)?["'“‘„«]?([^\s"'”’“«»]+?)\s?["'”’“»]?\s*\.?$`,
  'iu',
);
/** 'Leave the value v3 in column H'. */
const LEFT = new RegExp(
  String.raw`(?:value|wert|valeur|valor|valore|waarde|wartosc|varde|vaerdi)\s+["'“‘„«]?\s?(\S+?)\s?["'”’“»]?\s.*?${COLUMN}(?![\p{L}\d])`,
  'iu',
);

/** What the sentences of a form say that a column always holds. */
export function alwaysHeld(column: string, words: readonly string[]): string | undefined {
  for (const sentence of words.flatMap(endedSentences)) {
    const [, first, held] = ALWAYS.exec(sentence) ?? [];
    const [, left, second] = LEFT.exec(sentence) ?? [];
    if ((first ?? second)?.toUpperCase() === column) {
      return held ?? left;
    }
  }
  return undefined;
}
