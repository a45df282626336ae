import type { Item } from '../model';
import { isFormulaLike } from '../shared/formula-like';
import { quoted } from '../shared/plain';
import { choice, options } from './examples';
import type { ItemCheck } from './contract';
import { say, toSay } from '../shared/say';

function fieldOf(item: Item): [string, string] | undefined {
  if (isFormulaLike(item.stem.plain)) {
    return ['stem', item.stem.plain];
  }
  const at = (item.options ?? []).findIndex((option) => isFormulaLike(option.text.plain));
  return at >= 0 ? [`options.${at}`, item.options![at]!.text.plain] : undefined;
}

export const textLikeFormula: ItemCheck = {
  id: 'text-like-formula',
  level: 'note',
  looksFor: toSay('a text that a spreadsheet program would take for a formula'),
  why: toSay(
    'It is text here and is written as text; in a text file it is given an apostrophe so that it never runs.',
  ),
  source: 'OWASP, "CSV Injection" (from memory)',
  run(item) {
    const found = fieldOf(item);
    return found
      ? [
          {
            field: found[0],
            message: say(
              '{found} looks like a formula. It is kept and handed over as text and never runs.',
              { found: quoted(found[1], 30) },
            ),
          },
        ]
      : [];
  },
  examples: {
    passes: [choice({ options: options('*-5', '+3') })],
    fails: [choice({ stem: { plain: '=1+1' } }), choice({ options: options('*@x', 'b') })],
  },
};
