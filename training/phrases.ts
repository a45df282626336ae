// What headings are made of, as examples: a phrase, what it says, and which of the folds it is held out of.
import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { SAYINGS } from '../src/core/understanding/contract';
import { plainHeading } from '../src/core/understanding/heading-words';
import { material, meaningOf } from './cases';
import type { BankItem } from './grow/draw.mjs';
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

const NUMBERED = new Set([
  'option',
  'wrong',
  'verdict',
  'weight',
  'feedback',
  'left',
  'right-side',
  'step',
  'pair',
]);

/** Every way in which a pattern is written above columns. */
const spellings = (pattern: string): string[] =>
  pattern.includes('#') && pattern !== '#'
    ? [pattern.replace('#', '2'), pattern.replace('#', 'B'), pattern.replace(/\s?#/, '').trim()]
    : [pattern];

/** Words that are put together as people do it: what kind of answer, and a word for it. */
const TOGETHER: readonly { right: string; wrong: string; nouns: string; before: boolean }[] = [
  {
    right: 'Right; Correct; True; Valid; Proper; Good; Winning',
    wrong: 'Wrong; Incorrect; False; Bad; Untrue; Invalid',
    nouns:
      'answer; answers; option; options; reply; replies; choice; choices; response; responses; alternative; alternatives; one; ones; letter; number; statement',
    before: true,
  },
  {
    right: 'Richtige; Korrekte; Zutreffende; Wahre; Gültige; Passende',
    wrong: 'Falsche; Inkorrekte; Unzutreffende; Unwahre; Verkehrte',
    nouns:
      'Antwort; Antworten; Option; Nummer; Zahl; Optionen; Lösung; Möglichkeit; Auswahl; Aussage; Alternative; Alternativen',
    before: true,
  },
  {
    right: 'Bonne; Juste; Correcte; Exacte; Vraie',
    wrong: 'Mauvaise; Fausse; Incorrecte; Inexacte',
    nouns: 'réponse; réponses; option; options; proposition; propositions; solution',
    before: true,
  },
  {
    right: 'correcta; verdadera; acertada; válida',
    wrong: 'incorrecta; falsa; errónea; equivocada',
    nouns: 'Respuesta; Respuestas; Opción; Opciones; Alternativa; Solución',
    before: false,
  },
  {
    right: 'corretta; giusta; esatta; vera',
    wrong: 'sbagliata; errata; falsa; scorretta',
    nouns: 'Risposta; Risposte; Opzione; Opzioni; Alternativa; Soluzione',
    before: false,
  },
  {
    right: 'Juiste; Goede; Correcte; Ware',
    wrong: 'Foute; Onjuiste; Verkeerde; Slechte',
    nouns: 'antwoord; antwoorden; optie; opties; keuze; keuzes; mogelijkheid',
    before: true,
  },
  {
    right: 'certa; correta; verdadeira',
    wrong: 'errada; incorreta; falsa',
    nouns: 'Resposta; Respostas; Opção; Opções; Alternativa',
    before: false,
  },
  {
    right: 'Rätt; Korrekt; Riktigt',
    wrong: 'Fel; Felaktigt; Oriktigt',
    nouns: 'svar; svarsalternativ; alternativ; val',
    before: true,
  },
  {
    right: 'Rigtigt; Korrekt; Rigtig',
    wrong: 'Forkert; Galt; Ukorrekt',
    nouns: 'svar; svarmulighed; valg; løsning',
    before: true,
  },
  {
    right: 'Poprawna; Prawidłowa; Właściwa; Dobra',
    wrong: 'Błędna; Zła; Niepoprawna; Fałszywa',
    nouns: 'odpowiedź; odpowiedzi; opcja; możliwość',
    before: true,
  },
];

function* putTogether(): Generator<List> {
  for (const { right, wrong, nouns, before } of TOGETHER) {
    const join = (adjective: string, noun: string): string =>
      before ? `${adjective} ${noun}` : `${noun} ${adjective}`;
    for (const noun of nouns.split('; ')) {
      yield { role: 'key', words: right.split('; ').map((adjective) => join(adjective, noun)) };
      yield {
        role: 'right',
        words: right
          .split('; ')
          .slice(0, 2)
          .map((adjective) => join(adjective, noun)),
      };
      const many = /(?:s|en|nen|ones|ies|n)$/.test(noun) && !/(?:ion|ção|sen)$/.test(noun);
      yield {
        role: many ? 'wrongs' : 'wrong',
        words: wrong.split('; ').map((adjective) => `${join(adjective, noun)}${many ? '' : ' #'}`),
      };
    }
  }
}

type List = { role: string; words: readonly string[] };
const listOf = (words: string | readonly string[]): readonly string[] =>
  typeof words === 'string' ? words.split('; ') : words;

/** The lists of one language of words.json: its styles of headings, and names as data files have them. */
function listsOfLanguage({ headings = {}, identifiers = {} }: RawLanguage): List[] {
  return [...Object.values(headings), identifiers].flatMap((style) =>
    Object.entries(style).map(([role, words]) => ({ role, words: listOf(words) })),
  );
}

type Style = Record<string, string | string[]>;
type RawLanguage = { headings?: Record<string, Style>; identifiers?: Style };

function headingLists(): List[] {
  const folder = join(process.cwd(), 'training', 'words');
  const raw = JSON.parse(readFileSync(join(folder, 'words.json'), 'utf8')) as {
    languages: Record<string, RawLanguage>;
  };
  return [
    ...readHeadings(join(folder, 'headings.txt')),
    ...putTogether(),
    ...Object.values(raw.languages).flatMap(listsOfLanguage),
  ];
}

const itemTexts = ({ stem, rights, wrongs, accepted, steps }: BankItem): string[] => [
  stem,
  ...(rights ?? []),
  ...(wrongs ?? []),
  ...(accepted ?? []),
  ...(steps ?? []),
];

/** Texts that stand in cells and are no headings. */
function contentTexts(): string[] {
  const banks = Object.values(material.banks).flatMap(({ themes, hints, explanations }) => [
    ...themes.flatMap(({ items, categories, tags }) => [
      ...items.flatMap(itemTexts),
      ...categories,
      ...tags,
    ]),
    ...hints,
    ...explanations,
  ]);
  const spoken = Object.values(material.words.languages).flatMap(
    ({ levels, states, kinds = {}, notes = {} }) => [
      ...levels,
      ...states,
      ...Object.values(kinds).flat(),
      ...(notes['title'] ?? []),
      ...(notes['above'] ?? []),
      ...(notes['footer'] ?? []),
    ],
  );
  return [...banks, ...spoken, ...material.words.names].filter((text) => text.length > 1);
}

const SYLLABLES =
  'bra tos vil mep kan dor lu fis gat hen jor kle mun pri qua rov sel tur wex yol zan blo cre dax elm fro gri hol isk jut kol lim nar olp pux rin sto tev und vor wil xen zel ka mi to re su na po le vu di'.split(
    ' ',
  );

/** Words that nobody knows, of the shape that words have; the same ones each time. */
function unknownWords(count: number): string[] {
  let state = 12345;
  const next = (below: number): number => {
    state = (Math.imul(state, 1103515245) + 12345) & 0x7fffffff;
    return (state >> 8) % below;
  };
  return Array.from({ length: count }, () => {
    const words = Array.from({ length: 1 + (next(4) === 0 ? 1 : 0) }, () => {
      const text = Array.from(
        { length: 1 + next(3) },
        () => SYLLABLES[next(SYLLABLES.length)],
      ).join('');
      const cut = next(3) === 0 ? text.slice(0, Math.max(3, text.length - 1)) : text;
      return cut[0]!.toUpperCase() + cut.slice(1);
    });
    return `${words.join(' ')}${next(4) === 0 ? ` ${1 + next(5)}` : ''}`;
  });
}

/** The phrases of one list, each once for what it says. */
function phrasesOf({ role, words }: List, seen: Set<string>): Phrase[] {
  const meaning = meaningOf(role);
  if (!meaning) {
    return [];
  }
  const patterns = words
    .map((word) => word.trim())
    .filter(Boolean)
    .map((word) => (word.includes('#') || !NUMBERED.has(meaning) ? word : `${word} #`));
  return patterns.flatMap(spellings).flatMap((text) => {
    const key = `${plainHeading(text)}|${meaning}`;
    if (seen.has(key)) {
      return [];
    }
    seen.add(key);
    return [{ text, says: SAYINGS.indexOf(meaning), fold: foldOf(text) }];
  });
}

const UNKNOWN_WORDS = 1400;

/** All phrases, each once for everything that it says. */
export function allPhrases(): Phrase[] {
  const seen = new Set<string>();
  const asOne = (texts: readonly string[], says: (typeof SAYINGS)[number]): Phrase[] =>
    [...new Set(texts)].map((text) => ({
      text,
      says: SAYINGS.indexOf(says),
      fold: foldOf(text),
    }));
  return [
    ...headingLists().flatMap((list) => phrasesOf(list, seen)),
    ...asOne(contentTexts(), 'content'),
    ...asOne(unknownWords(UNKNOWN_WORDS), 'unknown'),
  ];
}
