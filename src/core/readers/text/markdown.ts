// The light mark-up of chat replies, inside one line: bold, italic, code, line breaks, raised and lowered signs.
import type { Run } from '../../model';
import { isFormatted, isSafeLink, joinRuns, plainOf } from '../../shared/rich-text';
import { defined } from '../../shared/defined';

type Style = Omit<Run, 'text'>;
/** In the order in which they are looked for; the first group holds the text within. */
const SPANS: readonly (readonly [RegExp, (match: RegExpExecArray) => Style])[] = [
  [/(?<![\\*])\*\*(?=\S)([^\n]+?)(?<=\S)\*\*(?!\*)/u, () => ({ bold: true })],
  [
    /(?<![\\_\p{L}\p{N}])__(?=[^\s_])([^\n_]+?)(?<=[^\s_])__(?![\p{L}\p{N}_])/u,
    () => ({ bold: true }),
  ],
  [/<(?:b|strong)>([^<]*)<\/(?:b|strong)>/iu, () => ({ bold: true })],
  [/<(?:i|em)>([^<]*)<\/(?:i|em)>/iu, () => ({ italic: true })],
  [/<u>([^<]*)<\/u>/iu, () => ({ underline: true })],
  [/<sup>([^<]*)<\/sup>/iu, () => ({ sup: true })],
  [/<sub>([^<]*)<\/sub>/iu, () => ({ sub: true })],
  [
    /(?<!!)\[([^\][\n]+)\]\((https?:\/\/[^\s)]+)\)/u,
    (match) => defined({ href: isSafeLink(match[2]!) ? match[2]! : undefined }),
  ],
  [/`([^`\n]+)`/u, () => ({})],
  // A lone star may be a mark or a times sign, so a pair counts only where it hugs words in the middle of a line.
  [
    /(?<=[\p{L}\p{N},.;:)]\s|\()\*(?=[^\s*])([^*\n]+?)(?<=[^\s*])\*(?=[\s.,;:!?)]|$)/u,
    () => ({ italic: true }),
  ],
  [/(?<=\s)\*(\([^*()\n]+\))\*(?=\s|$)/u, () => ({ italic: true })],
  // A line that is set off as a whole.
  [/(?<=^\s*)_(?=[^\s_])([^_\n]+)(?<=\S)_(?=\s*$)/u, () => ({ italic: true })],
];

function spans(text: string, style: Style): Run[] {
  let first: { match: RegExpExecArray; style: Style } | undefined;
  for (const [pattern, styleOf] of SPANS) {
    const match = pattern.exec(text);
    if (match && (!first || match.index < first.match.index)) {
      first = { match, style: styleOf(match) };
    }
  }
  if (!first) {
    return text ? [{ text, ...style }] : [];
  }
  const { match } = first;
  return [
    ...spans(text.slice(0, match.index), style),
    ...spans(match[1]!, { ...style, ...first.style }),
    ...spans(text.slice(match.index + match[0].length), style),
  ];
}

const MAY_HOLD = /\*\*|__|<(?:b|i|u|em|strong|sup|sub|br)\b|`|\]\(|\S\*[\s.,;:!?)]|\*$|[^_]_\s*$/iu;

/** A line's text without its mark-up, and its runs where any of it is formatted. */
export function inlineMarkdown(source: string): { text: string; runs?: Run[] } {
  if (!MAY_HOLD.test(source)) {
    return { text: source };
  }
  const runs = joinRuns(spans(source.replace(/<br\s*\/?>/giu, '\n'), {})).map((run) => ({
    ...run,
    text: run.text.replace(/\\([*_`|[\]#])/g, '$1'),
  }));
  return defined({ text: plainOf(runs), runs: isFormatted(runs) ? runs : undefined });
}
