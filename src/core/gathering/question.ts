// From one row to one question: its kind, its answer, and what stopped it.
import type { Item, Key, Kind, Option } from '../model';
import { numberOf, quantityOf } from '../shared/normalise';
import { quoted } from '../shared/plain';
import { findInnerSeparator, splitCell, splitLabelled } from '../shared/table/separators';
import { kindOfWord } from '../shared/vocabulary/kinds';
import { trueFalsePair, trueFalseWords, verdictOf } from '../shared/vocabulary/verdicts';
import { drawnGaps, splitAnswers } from './answers';
import { resolveKey, type Problem } from './key';
import { isEmphasis, isSetOff } from './rich';
import type { Row } from './row';

/** What holds for the whole source while its rows are read. */
export type Manner = {
  key: Key;
  optionSeparator: string | undefined;
  wrongSeparator: string | undefined;
  cards: boolean;
};
type Answer = { kind: Kind; fields: Partial<Item>; problems: Problem[] };

const plain = (text: string) => ({ plain: text });

function optionTexts(row: Row, manner: Manner): string[] {
  if (row.has('right')) {
    return [
      row.text('right'),
      ...row.texts('wrong'),
      ...splitCell(row.text('wrongs'), manner.wrongSeparator),
    ].filter(Boolean);
  }
  if (row.has('options')) {
    return (
      splitLabelled(row.text('options')) ??
      splitCell(
        row.text('options'),
        manner.optionSeparator ?? findInnerSeparator([row.text('options')]),
      )
    );
  }
  return row.texts('option').filter(Boolean);
}

function inferKind(declared: Kind | undefined, options: Option[], row: Row, manner: Manner): Kind {
  if (declared) {
    return declared;
  }
  if (options.length === 2 && trueFalsePair(options[0]!.text.plain, options[1]!.text.plain)) {
    return 'true-false';
  }
  if (options.length > 0) {
    return options.filter((option) => option.right).length > 1 ? 'choice-many' : 'choice-one';
  }
  if (numberOf(row.text('value')) !== undefined) {
    return 'number';
  }
  if (manner.key.style === 'word' && row.text('key')) {
    return 'true-false';
  }
  if (row.text('endings')) {
    return 'upload';
  }
  const quantity = quantityOf(row.text('accepted') || row.text('key'));
  if (quantity && (quantity.tolerance !== undefined || row.text('tolerance'))) {
    return 'number';
  }
  if (/_{2,}/.test(row.text('stem')) && (row.text('accepted') || row.text('key'))) {
    return 'gap';
  }
  if (row.text('accepted') || row.text('key')) {
    return manner.cards ? 'card' : 'short';
  }
  if (
    !row.text('lines') &&
    /\[[^\][]+\]/.test(row.text('stem')) &&
    drawnGaps(row.text('stem'), '')
  ) {
    return 'gap';
  }
  return row.text('lines')
    ? 'open'
    : row.has('option') || row.has('options')
      ? 'choice-one'
      : 'open';
}

/** True first, whatever the source's order; the words stay the source's own. */
function trueFalse(
  row: Row,
  options: Option[],
  manner: Manner,
): Pick<Answer, 'fields' | 'problems'> {
  const pair =
    options.length === 2
      ? trueFalsePair(options[0]!.text.plain, options[1]!.text.plain)
      : undefined;
  if (pair) {
    return {
      fields: { options: pair.trueFirst ? options : [options[1]!, options[0]!] },
      problems: [],
    };
  }
  const said = row.text('key') || row.text('accepted') || row.texts('option').find(Boolean) || '';
  const words = trueFalseWords(said);
  const isTrue = words?.isTrue ?? verdictOf(said);
  const [yes, no] = words?.words ?? ['True', 'False'];
  if (isTrue === undefined && options.length === 2) {
    return { fields: { options }, problems: [] };
  }
  const fields = {
    options: [
      { text: plain(yes), right: isTrue === true },
      { text: plain(no), right: isTrue === false },
    ],
  };
  if (isTrue !== undefined) {
    return { fields, problems: [] };
  }
  const problem: Problem =
    said && manner.key.style === 'word'
      ? {
          rule: 'key-no-verdict',
          level: 'block',
          field: 'key',
          message: `${row.cellOf('key')} says ${quoted(said)}, which is neither true nor false. Choose which it is.`,
        }
      : {
          rule: 'key-missing',
          level: 'block',
          field: 'key',
          message: `Row ${row.shown} does not say whether this is true or false. Choose which it is.`,
        };
  return { fields, problems: [problem] };
}

function byKind(
  kind: Kind,
  row: Row,
  options: Option[],
  manner: Manner,
): Pick<Answer, 'fields' | 'problems'> {
  if (kind === 'choice-one' || kind === 'choice-many') {
    return { fields: { options }, problems: [] };
  }
  if (kind === 'true-false') {
    return trueFalse(row, options, manner);
  }
  const parts = [...row.texts('step'), ...row.texts('option'), ...row.texts('pair')].filter(
    Boolean,
  );
  const answer = row.text('accepted') || row.text('key');
  switch (kind) {
    case 'match': {
      const left = row.texts('left');
      const pairs = left.some(Boolean)
        ? left.map((text, index) => [text, row.texts('right-side')[index] ?? ''])
        : parts.map((text) => text.split(/\s*(?:\||=>|->|=)\s*/));
      return {
        fields: {
          pairs: pairs
            .filter(([a]) => a)
            .map(([a, b]) => ({ left: plain(a!), right: plain(b ?? '') })),
        },
        problems: [],
      };
    }
    case 'order':
      return { fields: { steps: parts.map(plain) }, problems: [] };
    case 'number': {
      const found = quantityOf(row.text('value') || answer || parts[0] || '');
      if (!found) {
        return {
          fields: {},
          problems: [
            {
              rule: 'number-missing',
              level: 'block',
              field: 'number',
              message: `Row ${row.shown} gives no number as its answer. Write one.`,
            },
          ],
        };
      }
      const unit = row.text('unit') || found.unit;
      return {
        fields: {
          number: {
            value: found.value,
            tolerance: numberOf(row.text('tolerance')) ?? found.tolerance ?? 0,
            ...(unit ? { unit } : {}),
          },
        },
        problems: [],
      };
    }
    case 'gap': {
      const drawn = drawnGaps(row.text('stem'), answer) ?? { stem: row.text('stem'), gaps: [] };
      return { fields: { gaps: drawn.gaps, stem: plain(drawn.stem) }, problems: [] };
    }
    case 'card':
      return { fields: { accepted: [answer || parts[0] || ''].filter(Boolean) }, problems: [] };
    case 'short': {
      const accepted = parts.length && !row.text('accepted') ? parts : splitAnswers(answer);
      return {
        fields: { accepted: accepted.map((text) => text.replace(/^\*\s*/, '')) },
        problems: [],
      };
    }
    default:
      return { fields: {}, problems: [] };
  }
}

/** The kind, the answer and the problems of one row. */
export function readAnswer(row: Row, manner: Manner): Answer {
  const word = row.text('kind');
  const declared = word ? kindOfWord(word) : undefined;
  const texts = optionTexts(row, manner);
  const weights = row.texts('weight').map((text) => numberOf(text.replace('%', '')));
  const all = row.has('option') && !row.has('right') ? row.texts('option') : texts;
  const keep = all.flatMap((text, index) => (text ? [index] : []));
  const { marker } = manner.key;
  const slots = row.slots.get('option') ?? [];
  const setOff =
    manner.key.style === 'marker' && isEmphasis(marker)
      ? {
          setOff: keep.map(
            (index) => slots[index] !== undefined && isSetOff(row, slots[index].index, marker),
          ),
        }
      : {};
  const input = {
    cell: row.cellOf('key'),
    text: row.text('key'),
    key: manner.key,
    outerBlanks: row.hasOuterBlanks('key'),
    ...setOff,
  };
  const resolved = resolveKey(
    input,
    texts,
    row.has('verdict') ? keep.map((index) => row.texts('verdict')[index] ?? '') : [],
    weights.length ? keep.map((index) => weights[index]) : [],
  );
  row.texts('feedback').forEach((text, index) => {
    const at = keep.indexOf(index);
    if (text && resolved.options[at]) {
      resolved.options[at].feedback = plain(text);
    }
  });
  const kind = inferKind(declared, resolved.options, row, manner);
  const built = byKind(kind, row, resolved.options, manner);
  const choice = kind === 'choice-one' || kind === 'choice-many' || kind === 'true-false';
  const problems = [
    ...(choice && !built.problems.length && (kind !== 'true-false' || resolved.options.length > 0)
      ? resolved.problems
      : []),
    ...built.problems,
  ];
  if (word && !declared) {
    problems.push({
      rule: 'kind-unknown',
      level: 'warn',
      field: 'kind',
      message: `${row.cellOf('kind')} says ${quoted(word)}, a kind that is not known here; it was taken as ${kind} from what the row holds.`,
    });
  }
  return { kind, fields: built.fields, problems };
}
