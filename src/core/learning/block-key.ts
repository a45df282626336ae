// How blocks of rows want the right answer: as the filled block shows it, else as the label and the words of the blank say.
import type { Key, Table } from '../model';
import { quoted } from '../shared/plain';
import type { Region } from '../shared/table/region';
import { isLabel } from '../shared/block-labels';
import { verdictOf } from '../shared/vocabulary/verdicts';
import { readingsOf, type Blocks, type Named } from '../understanding';
import { speaksOfKey, styleInWords } from './key-sentences';
import { say } from '../shared/say';

export type BlockKey = { key: Key; because: string; sure: boolean };

type Role = Blocks['lines'][number]['role'];

/** The filled cells of a role in one block. */
function cellsOf(
  region: Region,
  { labelColumn, lines }: Blocks,
  [start, end]: readonly [number, number],
  role: Role,
): string[] {
  const own = lines.filter((line) => line.role === role);
  const found: string[] = [];
  for (let row = start; row < end; row++) {
    const text = region.cell(row, labelColumn + 1);
    if (text && own.some(({ label }) => isLabel(label, region.cell(row, labelColumn)))) {
      found.push(text);
    }
  }
  return found;
}

/** The key of each filled block beside its options. */
function samplesOf(region: Region, blocks: Blocks): Named[] {
  return blocks.starts.flatMap((start, index) => {
    const block = [start, blocks.starts[index + 1] ?? region.bottom + 1] as const;
    const [key] = cellsOf(region, blocks, block, 'key');
    return key ? [{ key, options: cellsOf(region, blocks, block, 'option') }] : [];
  });
}

/** What a word beside each answer says of it. */
function byVerdicts(values: readonly string[]): BlockKey {
  const right = values.find((word) => verdictOf(word) === true);
  const wrong = values.find((word) => verdictOf(word) === false);
  return {
    key: { style: 'verdict', ...(right ? { right } : {}), ...(wrong ? { wrong } : {}) },
    because: say('a word beside each answer says right or wrong'),
    sure: true,
  };
}

const MOSTLY = 0.6;

/** The key of blocks; `verdicts` are the words beside answers, empty where none stand there. */
export function keyOfBlocks(
  table: Table,
  region: Region,
  blocks: Blocks,
  verdicts: readonly string[] | undefined,
): BlockKey {
  if (verdicts) {
    return byVerdicts(verdicts);
  }
  if (blocks.lines.some(({ role }) => role === 'right')) {
    return {
      key: { style: 'right-column' },
      because: say('the right answer has a row of its own, and the wrong ones have theirs'),
      sure: true,
    };
  }
  const line = blocks.lines.find(({ role }) => role === 'key');
  const options = blocks.lines.filter(({ role }) => role === 'option').map(({ label }) => label);
  const [shown] = readingsOf(samplesOf(region, blocks), options);
  if (shown && shown.share > MOSTLY) {
    return {
      key: { style: shown.style },
      because: say('the filled block names its option so'),
      sure: true,
    };
  }
  const texts = table.sheets.flatMap(({ rows }) => rows.flat()).filter((text) => speaksOfKey(text));
  for (const text of line ? [line.label, ...texts] : []) {
    const style = styleInWords(text);
    if (style) {
      return {
        key: { style },
        because: say('it is said: {text}', { text: quoted(text, 60) }),
        sure: true,
      };
    }
  }
  const isOpen = line !== undefined && options.length > 1;
  return {
    key: { style: 'text' },
    because: isOpen
      ? say('nothing says how the right answer is written')
      : say('the right answer is written out'),
    sure: !isOpen,
  };
}
