// One HTML file that plays a set with no network: cards, a quiz, a board. Its script is ours alone, held by its digest.
import type { Activity, Item } from '../../model';
import { base64 } from '../../shared/base64';
import { escapeMarkup } from '../../shared/markup';
import { Problem } from '../../shared/problem';
import { pointsOf } from '../../shared/sets/facts';
import { answerWords } from '../paper/answers';
import answers from './player/answers.js?raw';
import board from './player/board.js?raw';
import cards from './player/cards.js?raw';
import frame from './player/frame.js?raw';
import quiz from './player/quiz.js?raw';
import { STYLE } from './style';
import { say } from '../../shared/say';

const MODES: Record<Activity['mode'], string> = { quiz: answers + quiz, cards, board };

/** The way a question is answered on the page. */
function wayOf({ options, gaps, pairs, steps, accepted, number }: Item): string {
  const ways: readonly (readonly [string, unknown])[] = [
    ['options', options?.length],
    ['gaps', gaps?.length],
    ['pairs', pairs?.length],
    ['steps', steps?.length],
    ['typed', accepted?.length ?? number],
  ];
  return ways.find(([, is]) => is)?.[0] ?? 'open';
}

/** Pictures that are inside the question; nothing is fetched. */
const picturesOf = ({ media = [] }: Item): { src: string; alt: string }[] =>
  media
    .filter(({ href }) => /^data:image\/(?:png|jpeg|gif|webp);base64,/.test(href))
    .map(({ href, alt = '' }) => ({ src: href, alt }));

/** What is right in words; options and pairs by their texts, since nothing on the page has letters. */
function rightWords(item: Item): string {
  const { options, pairs } = item;
  if (pairs) {
    return pairs.map(({ left, right }) => `${left.plain} – ${right.plain}`).join('; ');
  }
  return options
    ? options.flatMap(({ text, right }) => (right ? [text.plain] : [])).join('; ')
    : answerWords(item);
}

/** The parts that are answered, as plain text. */
const answersOf = ({ options, accepted, number, gaps, pairs, steps }: Item): unknown => ({
  options: options?.map(({ text, right, feedback }) => ({
    text: text.plain,
    right,
    feedback: feedback?.plain,
  })),
  accepted,
  number,
  unit: number?.unit,
  gaps,
  pairs: pairs?.map(({ left, right }) => ({ left: left.plain, right: right.plain })),
  steps: steps?.map(({ plain }) => plain),
});

/** What the page needs of a question, as plain text. */
const packed = (item: Item): unknown => ({
  ref: item.ref,
  kind: item.kind,
  way: wayOf(item),
  text: item.stem.plain.replace(/\{\{(\d+)\}\}/g, '($1) _____'),
  ...(answersOf(item) as object),
  fixed: item.shuffle === false || item.kind === 'true-false',
  hint: item.hint?.plain,
  explanation: item.explanation?.plain,
  rightWords: rightWords(item),
  points: pointsOf(item) || 1,
  category: item.category?.join(' > ') ?? 'Questions',
  pictures: picturesOf(item),
});

/** The questions in the order of their sections; of a board, a row's points where none are said. */
function ordered({ items, sections }: Activity): Item[] {
  const ids = sections?.flatMap((section) => section.items) ?? [];
  const place = new Map(ids.map((id, at) => [id, at]));
  return sections
    ? [...items].sort((a, b) => (place.get(a.id) ?? ids.length) - (place.get(b.id) ?? ids.length))
    : [...items];
}

/**
 * The whole file.
 * @param digest gives the SHA-256 of bytes in hexadecimal
 * @throws {Problem} where there is no question to play
 */
export async function activityPage(
  activity: Activity,
  digest: (bytes: Uint8Array) => Promise<string>,
): Promise<string> {
  if (!activity.items.length) {
    throw new Problem(say('There is no question to play.'));
  }
  const { mode, title } = activity;
  const script = `(()=>{'use strict';\n${frame}${MODES[mode]}\nplay.${mode}(play.data());\n})();`;
  const hash = await digest(new TextEncoder().encode(script));
  const bytes = Uint8Array.from(hash.match(/../g) ?? [], (pair) => parseInt(pair, 16));
  const data = { title, items: ordered(activity).map(packed) };
  const folded = base64(new TextEncoder().encode(JSON.stringify(data)));
  const name = escapeMarkup(title);
  return `<!doctype html>
<html lang="en"><head><meta charset="utf-8"><meta name="viewport" content="width=device-width,initial-scale=1"><title>${name}</title>
<meta http-equiv="Content-Security-Policy" content="default-src 'none'; style-src 'unsafe-inline'; img-src data:; script-src 'sha256-${base64(bytes)}'">
<style>${STYLE}</style></head>
<body><header><h1>${name}</h1></header><main></main><p id="said" role="status" class="only-heard"></p>
<footer><p>Plays with no network. Answers stay on this device. The right answers are in this file, and whoever looks can find them.</p></footer>
<script type="application/json" id="data">${folded}</script>
<script>${script}</script></body></html>`;
}
