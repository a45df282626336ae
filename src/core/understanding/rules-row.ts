// A row below the headings that states what each column takes, instead of holding a question.
import type { Region } from '../shared/table/region';

/** So many cells of it, and so much of all, state a rule. */
const LEAST = 3;
const MOSTLY = 0.4;

const RULES: readonly RegExp[] = [
  /(?<!\p{L})(?:max|min|optional|required|mandatory|pflicht|freiwillig|obligatoire|facultati|obligatori|opcional|opzional|verplicht|optioneel|obowiązkow|valfri|frivillig)/iu,
  /\d\s*(?:char|zeichen|caract|caratt|tekens|znak|tecken|tegn)/iu,
];
/** What may be a rule beside others and an answer elsewhere: a choice or range of numbers or short words, '1-4', 'mcq / tf'. */
const CHOICES: readonly RegExp[] = [
  /^\d{1,4}(?:\s*(?:[-–—/,;]|\s(?:to|or|bis|oder|à|ou|a|o|of|tot)\s)\s*\d{1,4})+$/iu,
  /^\p{L}{1,8}(?:\s?[/|]\s?\p{L}{1,8})+$/u,
  /^(?:(?:the\s)?(?:number|letter|index|text|name|link|url)(?:\s\(|\sof\s))/iu,
];

/** Whether a row states rules: lengths, choices, what must be filled and what may be left empty. */
export function statesRules(region: Region, row: number): boolean {
  let filled = 0;
  let rules = 0;
  let choices = 0;
  let asks = false;
  for (let column = region.left; column <= region.right && row <= region.bottom; column++) {
    const text = region.cell(row, column);
    filled += text ? 1 : 0;
    asks ||= /[?？]\s*$/u.test(text);
    rules += RULES.some((rule) => rule.test(text)) ? 1 : 0;
    choices += CHOICES.some((choice) => choice.test(text)) ? 1 : 0;
  }
  const stated = rules + choices;
  return rules > 0 && !asks && stated >= LEAST && stated >= filled * MOSTLY;
}
