// An empty form of marked text: its signs explained in comments.
import type { Layout } from '../../model';
import { labelText } from '../../shared/labels';
import { encode, lineEnd } from './encode';

type Marks = NonNullable<Layout['marks']>;

function explained(marks: Marks): [string, string][] {
  const rows: [string | undefined, string][] = [
    [
      marks.category,
      'at the beginning of a line: the name of a category, for all questions below it',
    ],
    [
      marks.titleOpen && `${marks.titleOpen} ${marks.titleClose ?? ''}`.trim(),
      'around the title of a question',
    ],
    [marks.open && `${marks.open} ${marks.close ?? ''}`.trim(), 'around the group of options'],
    [marks.right, 'in front of a right option'],
    [marks.wrong, 'in front of a wrong option'],
    [marks.feedback, 'behind an option, in front of its feedback'],
    [marks.pair, 'between the two halves of a pair'],
    [marks.escape, 'in front of any of these signs: it is taken as ordinary text'],
  ];
  return rows.flatMap(([sign, words]) => (sign ? [[sign, words] as [string, string]] : []));
}

/** Samples of each kind that the form can say, to be replaced. */
function samplesOf(marks: Marks, kinds: Layout['kinds']): string[] {
  const has = (kind: Layout['kinds'][number]['kind']): boolean =>
    !kinds.length || kinds.some((own) => own.kind === kind);
  const label = (index: number): string => labelText(marks.optionLabel, index);
  const option = (text: string, right: boolean, index: number): string => {
    const sign = right ? marks.right : (marks.wrong ?? '');
    return `${sign}${label(index) || (sign ? ' ' : '')}${text}`;
  };
  const number = (n: number): string => labelText(marks.stemLabel, n - 1);
  const group = (n: number, stem: string, lines: string[]): string =>
    [
      `${number(n)}${stem}${marks.open ? ` ${marks.open}` : ''}`,
      ...lines,
      ...(marks.close ? [marks.close] : []),
    ].join('\n');
  return [
    ...(has('choice-one')
      ? [
          group(1, 'Sample: which of these floats?', [
            option('Cork', true, 0),
            option('Brick', false, 1),
            option('Iron', false, 2),
          ]),
        ]
      : []),
    ...(has('choice-many')
      ? [
          group(2, 'Sample: which of these are wet?', [
            option('Rain', true, 0),
            option('Sand', false, 1),
            option('Dew', true, 2),
          ]),
        ]
      : []),
    ...(has('true-false')
      ? [
          group(3, 'Sample: water runs downhill.', [
            option('True', true, 0),
            option('False', false, 1),
          ]),
        ]
      : []),
    ...(has('match') && marks.pair
      ? [
          group(4, 'Sample: match each one.', [
            `Lock ${marks.pair} on a canal`,
            `Quay ${marks.pair} in a harbour`,
          ]),
        ]
      : []),
  ];
}

/** The comments of a form and a sample of each kind; without a sign for comments there is nothing to say. */
export function blankText({ marks = { right: '*' }, limits, file, kinds }: Layout): Uint8Array {
  const { comment } = marks;
  if (!comment) {
    return encode('', file.encoding);
  }
  const signs = explained(marks);
  const wide = Math.max(...signs.map(([sign]) => sign.length)) + 3;
  const words = [
    `A line that begins with ${comment} is not read.`,
    ...signs.map(([sign, text]) => sign.padEnd(wide) + text),
    ...(marks.between === 'none' ? [] : ['Leave a blank line between two questions.']),
    ...(limits.stem ? [`A question may have up to ${limits.stem} characters.`] : []),
    ...(limits.option ? [`An option may have up to ${limits.option} characters.`] : []),
    ...(limits.optionsMax
      ? [`A question has ${limits.optionsMin ?? 2} to ${limits.optionsMax} options.`]
      : []),
  ];
  const samples = samplesOf(marks, kinds).join(marks.between === 'none' ? '\n' : '\n\n');
  return encode(
    `${words.map((line) => `${comment} ${line}`).join('\n')}\n\n${samples}\n`.replace(
      /\n/g,
      lineEnd(file),
    ),
    file.encoding,
  );
}
