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

function* puttogether(): Generator<{ role: string; words: readonly string[] }> {
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

function* headingLists(): Generator<{ role: string; words: readonly string[] }> {
  const folder = join(process.cwd(), 'training', 'words');
  for (const { role, words } of readHeadings(join(folder, 'headings.txt'))) {
    yield { role, words };
  }
  yield* puttogether();
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
        texts.push(
          item.stem,
          ...(item.rights ?? []),
          ...(item.wrongs ?? []),
          ...(item.accepted ?? []),
          ...(item.steps ?? []),
        );
      }
      texts.push(...theme.categories, ...theme.tags);
    }
    texts.push(...bank.hints, ...bank.explanations);
  }
  for (const language of Object.values(material.words.languages) as any[]) {
    texts.push(
      ...language.levels,
      ...language.states,
      ...(Object.values(language.kinds ?? {}).flat() as string[]),
    );
    texts.push(
      ...(language.notes?.title ?? []),
      ...(language.notes?.above ?? []),
      ...(language.notes?.footer ?? []),
    );
  }
  return [...texts, ...material.words.names].filter(
    (text) => typeof text === 'string' && text.length > 1,
  );
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
    phrases.push({ text, says: SAYINGS.indexOf('content'), fold: foldOf(text) });
  }
  for (const text of new Set(unknownWords(1400))) {
    phrases.push({ text, says: SAYINGS.indexOf('unknown'), fold: foldOf(text) });
  }
  return phrases;
}
