// A row below the headings that states what each column takes, instead of holding a question.
import type { Region } from '../shared/table/region';

/** So many cells of it, and so much of all, state a rule. */
const LEAST = 3;
const MOSTLY = 0.4;

const RULE_WORDS =
  '(?:max|(?<!\\d\\s?)min(?!ut)|optional|required|mandatory|pflicht|freiwillig|obligatoire|facultati|obligatori|opcional|opzional|verplicht|optioneel|obowiązkow|valfri|frivillig)';
const LENGTH = /^[^?]{0,20}\d\s*(?:char|zeichen|caract|caratt|tekens|znak|tecken|tegn)/iu;
const RULES: readonly RegExp[] = [
  // '2 min' is a time, and no rule.
  new RegExp(`(?<!\\p{L})${RULE_WORDS}`, 'iu'),
  LENGTH,
  /(?<!\p{L})(?:leave (?:it |this )?(?:empty|blank)|(?:separated|parted|joined) by|leer lassen|frei lassen|getrennt (?:durch|mit)|laisser vide|séparés? par|dejar vacío|separad[oa]s? por|lasciare vuoto|separat[oi] da|leeg laten|gescheiden door)(?!\p{L})/iu,
  // What may stay empty; from memory.
  /^(?:may|can|kann|darf|mag|peut|puede|può|pode)\s(?:be\s|stay\s|(?:rester|quedar|restare|ficar)\s)?(?:left\s)?(?:empty|blank|leer|leeg|vide|vac[ií]o|vuoto|vazio)(?!\p{L})/iu,
  /^(?:x|1|✓|tick|cross|kreuz|ja|yes)\s(?:if|when|where|for|wenn|falls|bei|si|se|als|indien)\s/iu,
];
/** What may be a rule beside others and an answer elsewhere: a choice or range of numbers or short words, '1-4', 'mcq / tf'. */
const CHOICES: readonly RegExp[] = [
  /^\d{1,4}(?:\s*(?:[-–—/,;]|\s(?:to|or|bis|oder|à|ou|a|o|of|tot)\s)\s*\d{1,4})+$/iu,
  /^\p{L}{1,12}(?:\s?[/|]\s?\p{L}{1,12})+$/u,
  /^[A-J](?:\s*,\s*[A-J])*\s*(?:,|\/|(?:,\s*)?\s(?:or|and|oder|und|ou|et|o|y|e|of|en)\s)\s*[A-J]$/u,
  /^\(\d{1,4}\)$/u,
  // What stands in a cell, in a word; from memory.
  /^(?:free\s)?(?:text|tekst|texte|texto|testo|number|zahl|nombre|getal|número|numero|date|datum|fecha|data)$/iu,
  /^(?:(?:the\s)?(?:number|letter|index|text|name|link|url)(?:\s\(|\sof\s))/iu,
];

const RULE_ALONE: readonly RegExp[] = [
  new RegExp(`^\\P{L}*${RULE_WORDS}\\p{L}*\\.?(?:\\s*[\\d.,]+(?:\\s*\\p{L}+)?)?\\P{L}*$`, 'iu'),
  new RegExp(
    `^(?:(?:up to|at most|bis(?: zu)?|jusqu.à|hasta|fino a|tot)\\s)?${LENGTH.source.slice(1)}\\p{L}*(?:\\s${RULE_WORDS}\\p{L}*)?\\P{L}*$`,
    'iu',
  ),
];
/** Whether a text says nothing but how long something may be or whether it must be there, 'max. 300 Zeichen', 'optional'. */
export const statesRuleAlone = (text: string): boolean =>
  RULE_ALONE.some((rule) => rule.test(text.trim()));

const UNIT_ALONE = /^[([]?(?:in|en)\s\p{L}{1,9}\.?[)\]]?$/iu;
/** Whether a text says nothing but what a heading above it takes: a rule, a choice or range, '1 to 4', or a unit, 'in s'. */
export const explainsHeading = (text: string): boolean =>
  statesRuleAlone(text) ||
  UNIT_ALONE.test(text) ||
  (/\d.*\d|[/,]/su.test(text) && CHOICES.slice(0, EXPLAINING).some((rule) => rule.test(text)));
/** Of the choices, these name nothing by themselves. */
const EXPLAINING = 3;

/** A cell that is bracketed as a whole names what is to stand there: '(word)', '<translation>'. */
const BRACKETED = /^(?:\([^()]+\)|<[^<>]+>|\[[^[\]]+\])$/u;

/** Whether what a row says are lengths, choices, what must be filled and what may be left empty. */
function saysRules(region: Region, row: number): boolean {
  const texts: string[] = [];
  for (let column = region.left; column <= region.right && row <= region.bottom; column++) {
    texts.push(region.cell(row, column));
  }
  const filled = texts.filter(Boolean);
  const count = (tests: readonly RegExp[]): number =>
    filled.filter((text) => tests.some((test) => test.test(text))).length;
  const rules = count(RULES);
  const stated = rules + count(CHOICES);
  // In a narrow table a length says it alone.
  const isStated = stated >= LEAST || (filled.length <= LEAST && count([LENGTH]) > 0);
  const areNames = filled.length > 1 && filled.every((text) => BRACKETED.test(text));
  const asks = filled.some((text) => /[?？؟]\s*$/u.test(text));
  return areNames || (rules > 0 && !asks && isStated && stated >= filled.length * MOSTLY);
}

/** So many rows below are looked at. */
const LOOKED_BELOW = 30;

/** Whether a row states rules, alone or with the row below it; what more rows say likewise is content: pairs such as 'Rome | Italy'. */
export function statesRules(region: Region, row: number): boolean {
  if (!saysRules(region, row)) {
    return false;
  }
  for (let below = row + 1; below <= Math.min(region.bottom, row + LOOKED_BELOW); below++) {
    const mayGoOn = below === row + 1 && !saysRules(region, below + 1);
    if (!mayGoOn && saysRules(region, below)) {
      return false;
    }
  }
  return true;
}
