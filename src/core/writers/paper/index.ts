// Paper: a handout and its key in versions, cards to cut, QR cards, each as one page to print.
import type { Item, PaperJob, SetSection } from '../../model';
import { escapeMarkup } from '../../shared/markup';
import { count, optionLetter } from '../../shared/plain';
import { Problem } from '../../shared/problem';
import { pointsOf } from '../../shared/sets/facts';
import { answerWords } from './answers';
import { askOf } from './ask';
import { cardSheets, qrSheets } from './cards';
import { marked, picturesOf, stemOf } from './marks';
import { printable } from './page';
import { say } from '../../shared/say';

/** One version of what is printed: its letter, and its questions in its order. */
export type PaperVersion = { name: string; items: readonly Item[] };

const pointWords = (points: number): string => count(points, 'point');

/** A question with its number, its points and room for the answer. */
function questionHtml(item: Item, n: number): string {
  const points =
    item.points === undefined ? '' : `<span class="points">${pointWords(item.points)}</span>`;
  return `<div class="question"><span class="n">${n}</span>${points}<div>${stemOf(item)}</div>${picturesOf(item)}${askOf(item)}</div>`;
}

type Part = { title: string; note: string; items: readonly Item[] };

/** The questions of a section: in its own order in the first version, in the version's order in the others. */
function ofSection(ids: readonly string[], { name, items }: PaperVersion): Item[] {
  const own = items.filter(({ id }) => ids.includes(id));
  return name === 'A' ? own.sort((a, b) => ids.indexOf(a.id) - ids.indexOf(b.id)) : own;
}

/** The questions by sections; a pool says how many of them are to be answered. */
function partsOf(version: PaperVersion, sections: readonly SetSection[] | undefined): Part[] {
  if (!sections?.length) {
    return [{ title: '', note: '', items: version.items }];
  }
  const placed = new Set(sections.flatMap((section) => section.items));
  const rest = version.items.filter(({ id }) => !placed.has(id));
  const parts = sections.map(({ title, items: ids, draw }): Part => {
    const items = ofSection(ids, version);
    const note = draw && draw < items.length ? `Answer ${draw} of these ${items.length}.` : '';
    return { title: title ?? '', note, items };
  });
  return [...parts, { title: '', note: '', items: rest }].filter((part) => part.items.length);
}

/** The questions as they are numbered. */
const inOrder = ({ sections }: PaperJob, version: PaperVersion): Item[] =>
  partsOf(version, sections).flatMap((part) => part.items);

const headOf = (title: string, version: string, facts: string): string =>
  `<header><h1>${escapeMarkup(title)}${version ? ` <small>${escapeMarkup(version)}</small>` : ''}</h1><p class="small">${escapeMarkup(facts)}</p></header>`;

const NAME_LINE = '<div class="line"><span>Name</span><span>Date</span></div>';

const versionWords = (name: string, of: number): string => (of > 1 ? `version ${name}` : '');

function handout(job: PaperJob, version: PaperVersion, of: number): string {
  const { name, items } = version;
  const points = items.reduce((sum, item) => sum + pointsOf(item), 0);
  const facts = `${count(items.length, 'question')}, ${pointWords(points)}`;
  let n = 0;
  const parts = partsOf(version, job.sections).map(({ title, note, items: own }) => {
    const head = title ? `<h2>${escapeMarkup(title)}</h2>` : '';
    const words = note ? `<p class="small">${note}</p>` : '';
    const questions = own.map((item) => questionHtml(item, ++n)).join('');
    return `${head}${words}<div class="${job.columns === 2 ? 'two' : ''}">${questions}</div>`;
  });
  return `<section class="version">${headOf(job.title ?? 'Questions', versionWords(name, of), facts)}${NAME_LINE}<br>${parts.join('')}</section>`;
}

function keyOf(job: PaperJob, version: PaperVersion, of: number): string {
  const rows = inOrder(job, version).map((item, at) => {
    const why = item.explanation ? `<p class="small">${marked(item.explanation)}</p>` : '';
    return `<tr><td>${at + 1}</td><td>${escapeMarkup(answerWords(item))}${why}</td><td>${escapeMarkup(item.ref)}</td></tr>`;
  });
  const head = headOf(`Key: ${job.title ?? 'Questions'}`, versionWords(version.name, of), '');
  return `<section class="version">${head}<table><thead><tr><th>Question</th><th>Right</th><th>Reference</th></tr></thead><tbody>${rows.join('')}</tbody></table></section>`;
}

/** The letters of a question's boxes, or a line where the answer is written. */
function boxesOf(item: Item): string {
  const { options = [] } = item;
  if (!options.length) {
    return '<span class="blank" style="min-width:60mm"></span>';
  }
  const marks =
    item.kind === 'true-false'
      ? options.map(({ text }) => escapeMarkup(text.plain))
      : options.map((_, at) => optionLetter(at));
  return marks.map((mark) => `<span class="tick"><span class="box"></span>${mark}</span>`).join('');
}

function answerSheet(job: PaperJob, version: PaperVersion, of: number): string {
  const rows = inOrder(job, version).map(
    (item, at) => `<li><span class="n">${at + 1}</span>${boxesOf(item)}</li>`,
  );
  const head = headOf(
    `Answers: ${job.title ?? 'Questions'}`,
    versionWords(version.name, of),
    'One box for each question, unless it says that several are right.',
  );
  return `<section class="version">${head}${NAME_LINE}<ol class="answers">${rows.join('')}</ol></section>`;
}

/** The questions with what is right and why, in the order given: what most got wrong comes first where the caller puts it there. */
function studySheet(job: PaperJob, { items }: PaperVersion): string {
  const rows = items.map((item, at) => {
    const note = job.notes?.[item.id];
    const why = item.explanation ? `<p>${marked(item.explanation)}</p>` : '';
    const said = note ? `<p class="small">${escapeMarkup(note)}</p>` : '';
    return `<div class="question"><span class="n">${at + 1}</span><div>${stemOf(item)}</div>${picturesOf(item)}<p><b>${escapeMarkup(answerWords(item))}</b></p>${why}${said}</div>`;
  });
  const head = headOf(`To study: ${job.title ?? 'Questions'}`, '', count(items.length, 'question'));
  return `<section class="version">${head}<div class="${job.columns === 2 ? 'two' : ''}">${rows.join('')}</div></section>`;
}

/**
 * One printable page without scripts.
 * @param versions the questions in each version's order; cards and QR codes take the first alone
 * @throws {Problem} where there is no question, or one is too long for a QR code
 */
export function paperPage(job: PaperJob, versions: readonly PaperVersion[]): string {
  const title = job.title ?? 'Questions';
  const [first] = versions;
  if (!first?.items.length) {
    throw new Problem(say('There is no question to print.'));
  }
  const bodies: Record<PaperJob['what'], () => string> = {
    handout: () =>
      [
        ...versions.map((one) => handout(job, one, versions.length)),
        ...(job.withKey ? versions.map((one) => keyOf(job, one, versions.length)) : []),
      ].join(''),
    key: () => versions.map((one) => keyOf(job, one, versions.length)).join(''),
    'answer-sheet': () => versions.map((one) => answerSheet(job, one, versions.length)).join(''),
    study: () => studySheet(job, first),
    cards: () => cardSheets(first.items),
    qr: () => qrSheets(first.items, job.qr ?? { holds: 'text' }),
  };
  const isCut = job.what === 'cards' || job.what === 'qr';
  // Cards match back to back only where nothing else stands on their sheets.
  return printable(title, bodies[job.what](), isCut ? {} : { head: job.head, foot: job.foot });
}
