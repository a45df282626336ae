// Cells outside the rows that ask for something once: the set's title, its description.
import type { Layout } from '../model';
import { cellName } from '../shared/cells';
import { bareWords } from '../shared/normalise';
import { anyOf, type Phrases } from '../shared/vocabulary/phrases';
import type { Region } from '../shared/table/region';

type Labelled = NonNullable<Layout['file']['cells']>[number];
const NAME: Phrases = {
  en: ['name', 'title'],
  de: ['name', 'titel', 'bezeichnung'],
  fr: ['nom', 'titre', 'intitule'],
  es: ['nombre', 'titulo'],
  it: ['nome', 'titolo'],
  nl: ['naam', 'titel'],
  pt: ['nome', 'titulo'],
  pl: ['nazwa', 'tytul'],
  sv: ['namn', 'titel'],
  da: ['navn', 'titel'],
  fi: ['nimi'],
  cs: ['nazev'],
  hu: ['nev', 'cim'],
  tr: ['ad', 'adi', 'baslik'],
  ro: ['nume', 'titlu'],
  cy: ['enw', 'teitl'],
};
const SET: Phrases = {
  en: [
    'round',
    'quiz',
    'set',
    'test',
    'deck',
    'questionnaires?',
    'game',
    'lesson',
    'questions',
    'evening',
    'course',
    'session',
    'collection',
    'activity',
    'unit',
    'exam',
    'pack',
    'list',
  ],
  de: [
    'fragen',
    'abend',
    'runde',
    'reihe',
    'satz',
    'sammlung',
    'serie',
    'prufung',
    'liste',
    'einheit',
  ],
  fr: ['serie', 'jeu', 'epreuve', 'lot', 'liste', 'soiree', 'manche', 'activite'],
  es: ['cuestionario', 'conjunto', 'serie', 'prueba', 'juego', 'lista', 'ronda'],
  it: ['serie', 'gioco', 'prova', 'lista', 'raccolta', 'turno'],
  nl: ['reeks', 'toets', 'ronde', 'lijst', 'avond', 'serie', 'vragenlijst'],
  pt: ['conjunto', 'questionario', 'serie', 'prova', 'jogo'],
  pl: ['zestawu?', 'quizu', 'testu', 'rundy'],
  sv: ['fragesport', 'omgang', 'prov', 'serie', 'uppsattning'],
  da: ['saet', 'quiz', 'runde', 'prove', 'serie'],
  cy: ['cwis', 'set'],
};
const OF =
  '(?:of|for|der|des|du|de|d|del|della|la|le|les|l|van|voor|y|the|your|this|het|di|do|da|för|for|av|af|til|i)';
const TITLE = new RegExp(
  `^(?:(?:${anyOf(NAME)})(?: ${OF})*(?: (?:${anyOf(SET)}))?|(?:${anyOf(SET)})[ -]?(?:${anyOf(NAME)})|(?:${anyOf(SET)})s?(?:name|titel|naam|namn|navn))$`,
);
/** A name of something is the set's, whatever the form calls it: 'Name des Fragensatzes'; but for whom people belong to. */
const NAME_OF = new RegExp(`^(?:${anyOf(NAME)})(?: ${OF})+ (\\p{L}+(?: \\p{L}+)?)$`, 'u');
/** Those whose name is asked for besides. Common practice, no source. */
const PEOPLE =
  /(?:author|teacher|trainer|tutor|school|class|student|pupil|learner|participant|player|team|company|person|writer|sender|file|picture|autor|verfasser|lehr(?:er|kraft)|schule|klasse|schuler|teilnehmer|person|datei|bild|auteur|enseignant|ecole|classe|eleve|fichier|image|profesor|escuela|clase|alumno|docente|scuola|alunno|archivo|docent|leraar|leerling|klas|bestand|skole|skola|elev|larare|laerer)/u;

const DESCRIPTION =
  /^(?:(?:short |brief |kurze )?(?:description|about|beschreibung|descripcion|descrizione|beschrijving|descricao|disgrifiad)\b.*|what (?:it|this) is about)$/;

const roleOfLabel = (text: string): Labelled['role'] | undefined => {
  const words = bareWords(text.replace(/[([].*$/su, '').replace(/[:：]\s*$/u, ''));
  const [, of = ''] = NAME_OF.exec(words) ?? [];
  if (TITLE.test(words) || (of && !PEOPLE.test(of))) {
    return 'set-title';
  }
  return DESCRIPTION.test(words) ? 'set-description' : undefined;
};

/** The cell a label asks to be filled: the next one to its right, past the label's own merged block. */
export function target(
  region: Region,
  row: number,
  column: number,
): { row: number; column: number } {
  const merge = region.sheet.merges.find(
    (m) => row >= m.top && row <= m.bottom && column >= m.left && column <= m.right,
  );
  const beside = { row, column: (merge?.right ?? column) + 1 };
  const { unlocked, isProtected } = region.sheet;
  if (!isProtected || !unlocked?.length) {
    return beside;
  }
  // On a protected sheet the label means a cell that may be filled: the next one in its row, else the one below it.
  const open = (at: { row: number; column: number }): boolean =>
    unlocked.includes(`${at.row}:${at.column}`);
  const inRow = Array.from({ length: 8 }, (_, n) => ({ row, column: beside.column + n })).find(
    open,
  );
  const below = { row: (merge?.bottom ?? row) + 1, column };
  return inRow ?? (open(below) ? below : beside);
}

/** The labelled cells above the headings (or in the first ten rows where there are none). */
export function findLabelledCells(
  region: Region,
  headingRow: number | undefined,
): (Labelled & { label: string })[] {
  const found: (Labelled & { label: string })[] = [];
  const end = headingRow ?? Math.min(region.bottom + 1, region.top + 10);
  for (let r = region.top; r < end; r++) {
    for (let c = region.left; c <= region.right; c++) {
      const label = region.cell(r, c);
      const role = label ? roleOfLabel(label) : undefined;
      if (!role || found.some((cell) => cell.role === role)) {
        continue;
      }
      const at = target(region, r, c);
      found.push({ cell: cellName(at.row, at.column), role, label });
    }
  }
  return found;
}
