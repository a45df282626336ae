// How well grown files are understood that nothing was learned from: npm run understanding [-- --sources N --blanks N --seed N].
import { SURE, type Meaning } from '../src/core/understanding';
import { understandColumns } from '../src/core/understanding/columns';
import { firstRowBelow, understandHeadings } from '../src/core/understanding/headings';
import { roleOfMeaning } from '../src/core/understanding/contract';
import { openCases, type Case } from './cases';

const option = (name: string, otherwise: number): number => {
  const at = process.argv.indexOf(`--${name}`);
  return at < 0 ? otherwise : Number(process.argv[at + 1]);
};

/** Paths of a kind: how many, how many right, sure, sure and right, wrong and unsure. */
type Tally = { all: number; right: number; sure: number; sureRight: number; wrongUnsure: number };
const empty = (): Tally => ({ all: 0, right: 0, sure: 0, sureRight: 0, wrongUnsure: 0 });

function count(tally: Tally, isRight: boolean, p: number): void {
  const isSure = p >= SURE;
  tally.all++;
  tally.right += isRight ? 1 : 0;
  tally.sure += isSure ? 1 : 0;
  tally.sureRight += isSure && isRight ? 1 : 0;
  tally.wrongUnsure += !isRight && !isSure ? 1 : 0;
}

const percent = (part: number, of: number): string =>
  of ? `${((100 * part) / of).toFixed(1)} %` : '–';
const said = (name: string, one: Tally): string =>
  `${name.padEnd(30)} ${String(one.all).padStart(6)}  right ${percent(one.right, one.all).padStart(7)}  sure ${percent(one.sure, one.all).padStart(7)}, of these right ${percent(one.sureRight, one.sure).padStart(7)}; of the wrong ones unsure ${percent(one.wrongUnsure, one.all - one.right)}`;

const isSame = (a: Meaning, b: Meaning): boolean => roleOfMeaning(a) === roleOfMeaning(b);

class Figures {
  readonly paths = new Map<string, Tally>();
  readonly factors = new Map<string, Tally>();
  readonly confused = new Map<string, number>();

  private tally(into: Map<string, Tally>, name: string): Tally {
    const found = into.get(name) ?? empty();
    into.set(name, found);
    return found;
  }

  /** Counts one path of a case, for its kind and for each factor that was drawn. */
  add(path: string, one: Case, isRight: boolean, p: number): void {
    count(this.tally(this.paths, path), isRight, p);
    for (const [name, values] of Object.entries(one.factors)) {
      for (const value of [values].flat()) {
        count(this.tally(this.factors, `${name}: ${String(value)}`), isRight, p);
      }
    }
  }
}

function look(one: Case, figures: Figures): void {
  const { region, view } = one;
  const found = understandHeadings(region, view.blank);
  figures.add('heading row', one, found.row === one.headingRow, found.p);
  if (found.row !== one.headingRow) {
    return;
  }
  const first = firstRowBelow(region, found.row);
  const columns = understandColumns(region, found.row, first, { blank: view.blank });
  view.columns.forEach(({ at }, index) => {
    const own = columns.find((column) => column.at === at);
    const wanted = one.meanings[index]!;
    if (!own) {
      return;
    }
    const isRight = isSame(own.meaning, wanted);
    figures.add(`column: ${roleOfMeaning(wanted)}`, one, isRight, own.p);
    if (!isRight) {
      const key = `${wanted} as ${own.meaning}`;
      figures.confused.set(key, (figures.confused.get(key) ?? 0) + 1);
    }
  });
}

const seed = option('seed', 9001);
const cases = [
  ...(await openCases(seed, option('sources', 600), 'gather')),
  ...(await openCases(seed + 1, option('blanks', 300), 'learn')),
];
const figures = new Figures();
cases.forEach((one) => look(one, figures));

const total = empty();
for (const one of figures.paths.values()) {
  for (const name of Object.keys(total) as (keyof Tally)[]) {
    total[name] += one[name];
  }
}
const worst = (list: Map<string, Tally>, least: number): [string, Tally][] =>
  [...list]
    .filter(([, one]) => one.all >= least)
    .sort((a, b) => a[1].right / a[1].all - b[1].right / b[1].all);

console.log(`${cases.length} grown files of seed ${seed}\n`);
console.log(said('all paths', total));
console.log('\nBy path, worst first');
worst(figures.paths, 5).forEach(([name, one]) => console.log(said(name, one)));
console.log('\nBy factor, the worst twenty with a hundred paths or more');
worst(figures.factors, 100)
  .slice(0, 20)
  .forEach(([name, one]) => console.log(said(name, one)));
console.log('\nHeaviest confusions');
console.log(
  [...figures.confused]
    .sort((a, b) => b[1] - a[1])
    .slice(0, 15)
    .map(([name, times]) => `${name} ${times}`)
    .join(', '),
);

const floor = option('floor', 0);
if (floor && total.right < (total.all * floor) / 100) {
  console.error(`\nOnly ${percent(total.right, total.all)} are right; the floor is ${floor} %.`);
  process.exit(1);
}
