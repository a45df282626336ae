// What headings are made of, as examples: a phrase, what it says, and which of the folds it is held out of.
import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { SAYINGS } from '../src/core/understanding/contract';
import { plainHeading } from '../src/core/understanding/heading-words';
import { material, meaningOf } from './cases';
import { readHeadings } from './grow/material.mjs';

export type Phrase = { text: string; says: number; fold: number };
export const FOLDS = 4;

/** The fold of a phrase, by its text alone, so that a phrase is held out as a whole. */
export function foldOf(text: string): number {
  let sum = 7;
  for (const char of plainHeading(text)) {
    sum = (sum * 31 + char.charCodeAt(0)) % 9973;
  }
  return sum % FOLDS;
}

const NUMBERED = new Set(['option', 'wrong', 'verdict', 'weight', 'feedback', 'left', 'right-side', 'step', 'pair']);

/** Every way in which a pattern is written above columns. */
const spellings = (pattern: string): string[] =>
  pattern.includes('#') && pattern !== '#'
    ? [pattern.replace('#', '2'), pattern.replace('#', 'B'), pattern.replace(/\s?#/, '').trim()]
    : [pattern];

function* headingLists(): Generator<{ role: string; words: readonly string[] }> {
  const folder = join(process.cwd(), 'training', 'words');
  for (const { role, words } of readHeadings(join(folder, 'headings.txt'))) {
    yield { role, words };
  }
  const raw = JSON.parse(readFileSync(join(folder, 'words.json'), 'utf8'));
  for (const language of Object.values(raw.languages) as Record<string, any>[]) {
    for (const style of [...Object.values(language.headings ?? {}), language.identifiers ?? {}]) {
      for (const [role, words] of Object.entries(style as Record<string, string | string[]>)) {
        yield { role, words: Array.isArray(words) ? words : words.split('; ') };
      }
    }
  }
}

/** Texts that stand in cells and are no headings. */
function contentTexts(): string[] {
  const texts: string[] = [];
  for (const bank of Object.values(material.banks) as any[]) {
    for (const theme of bank.themes) {
      for (const item of theme.items) {
        texts.push(item.stem, ...(item.rights ?? []), ...(item.wrongs ?? []), ...(item.accepted ?? []), ...(item.steps ?? []));
      }
      texts.push(...theme.categories, ...theme.tags);
    }
    texts.push(...bank.hints, ...bank.explanations);
  }
  for (const language of Object.values(material.words.languages) as any[]) {
    texts.push(...language.levels, ...language.states, ...Object.values(language.kinds ?? {}).flat() as string[]);
    texts.push(...(language.notes?.title ?? []), ...(language.notes?.above ?? []), ...(language.notes?.footer ?? []));
  }
  return [...texts, ...material.words.names].filter((text) => typeof text === 'string' && text.length > 1);
}

const clean = (word: string): string => word.trim();
/** All phrases, each once for everything that it says. */
export function allPhrases(): Phrase[] {
  const seen = new Set<string>();
  const phrases: Phrase[] = [];
  for (const { role, words } of headingLists()) {
    const meaning = meaningOf(role);
    if (!meaning) {
      continue;
    }
    for (const word of words.map(clean).filter(Boolean)) {
      const numbered = word.includes('#') || !NUMBERED.has(meaning) ? word : `${word} #`;
      for (const text of spellings(numbered)) {
        const key = `${plainHeading(text)}|${meaning}`;
        if (!seen.has(key)) {
          seen.add(key);
          phrases.push({ text, says: SAYINGS.indexOf(meaning), fold: foldOf(text) });
        }
      }
    }
  }
  for (const text of new Set(contentTexts())) {
    phrases.push({ text, says: SAYINGS.length - 1, fold: foldOf(text) });
  }
  return phrases;
}
