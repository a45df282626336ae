// The files of each receiver filled and read back, one receiver after the other.
import type { Item, KeptLayout, Layout } from '../../../core/model';
import { FIT_STATE } from '../../../core/shared/change-grades';
import { defined } from '../../../core/shared/defined';
import { core, stopCore } from '../../../workers/client';
import type { FillWish, FitColumn } from '../../../workers/protocol';
import { bankState, itemById } from '../bank';
import { Latest } from '../../parts/latest';
import { messageOf } from '../../parts/message-of';
import { blankOf } from '../layouts';
import { columnWith, goesInto } from './receivers';
import { handOverState, setHandOver, titleOf, type FilledFile } from './hold';
import { i18n } from '../../../languages';

/** How many questions a trial file holds. */
const TRIAL = 3;

/** Whether it is a trial, and whether several receivers are filled at once. */
type Fill = { trial: boolean; several: boolean };

/** What a package says of how its questions are drawn: the sections of the set, or one pool. */
function sectionsWish(layout: Layout, trial: boolean): Pick<FillWish, 'draw' | 'sections'> {
  const { draw, choice } = handOverState();
  const sections = trial ? undefined : choice.only?.set?.sections;
  if (sections?.some(({ title, draw: some }) => title !== undefined || some !== undefined)) {
    return { sections };
  }
  return draw && layout.shape === 'package' ? { draw } : {};
}

/** The wishes for one layout's files. */
async function wishFor(kept: KeptLayout, { trial, several }: Fill): Promise<FillWish> {
  const { description, spread, asTheyAre, settings } = handOverState();
  const blank = await blankOf(kept.layout);
  const setTitle = trial ? i18n._('{titleOf} (trial)', { titleOf: titleOf() }) : titleOf();
  return defined({
    setTitle,
    // Files of several receivers end up in the same folder.
    fileTitle: several ? `${setTitle}, ${kept.layout.name}` : undefined,
    decisions: kept.variants ?? {},
    setDescription: description || undefined,
    blank,
    settings: kept.layout.settings ? defined(settings) : undefined,
    spread: kept.layout.shuffles ? undefined : spread,
    accept: asTheyAre ? ('none' as const) : undefined,
    ...sectionsWish(kept.layout, trial),
  });
}

/** The column that a layout stands in, and the places of the questions that go into its file and no other blank of its receiver. */
function rowsInto(layout: string): { column: FitColumn | undefined; rows: number[] } {
  const { columns, ids } = handOverState();
  const column = columnWith(columns, layout);
  const rows = ids.flatMap((_, row) => (column && goesInto(column, layout, row) ? [row] : []));
  return { column, rows };
}

const idsAt = (rows: readonly number[]): string[] => rows.map((row) => handOverState().ids[row]!);

/** Those of them that it takes. */
function fittingIds(layout: string): string[] {
  const { column, rows } = rowsInto(layout);
  const isTaken = (state: number | undefined): boolean =>
    handOverState().asTheyAre ? state === FIT_STATE.fits : state !== FIT_STATE.refused;
  return idsAt(rows.filter((row) => isTaken(column?.states[row])));
}

/** Whether a blank of several has nothing to take, since all questions go into the others. */
function isSpare(layout: string): boolean {
  const { column, rows } = rowsInto(layout);
  return column?.family !== undefined && !rows.length;
}

/** A fill that was stopped or overtaken says nothing any more. */
const latest = new Latest();

/** Ends a fill; what is finished stays. */
export function stopFilling(): void {
  latest.drop();
  setHandOver({
    busy: undefined,
    far: undefined,
    problem: i18n._('Stopped. The files that were finished are below.'),
  });
  stopCore();
}

/** One receiver's files, or why there are none. */
async function fillOne(
  kept: KeptLayout,
  fill: Fill,
): Promise<{ files: FilledFile[] } | { problem: string }> {
  const { layout } = kept;
  if (isSpare(layout.id)) {
    return { files: [] };
  }
  const fitting = fittingIds(layout.id);
  if (!fitting.length) {
    const how = handOverState().asTheyAre ? i18n._(' as it is') : '';
    return {
      problem: i18n._('{name}: none of the questions fits it{how}.', { name: layout.name, how }),
    };
  }
  const ids = fill.trial ? fitting.slice(0, TRIAL) : idsAt(rowsInto(layout.id).rows);
  const items = ids.map(itemById).filter((item): item is Item => item !== undefined);
  const answer = await core().fill(ids, layout, await wishFor(kept, fill));
  if ('problem' in answer) {
    return { problem: `${layout.name}: ${answer.problem}` };
  }
  return {
    files: answer.files.map((file) => ({
      ...file,
      layout: layout.id,
      made: { kept, items },
      isStale: false,
      isTaken: false,
    })),
  };
}

/** Fills the files of each layout (the first three questions for a trial) and reads them back. */
export async function fillFiles(layouts: readonly KeptLayout[], trial = false): Promise<void> {
  const isLatest = latest.begin();
  const bank = bankState().info.id;
  setHandOver({ busy: i18n._('Filling …'), files: [], problem: undefined });
  const problems: string[] = [];
  for (const [index, kept] of layouts.entries()) {
    setHandOver({
      busy: i18n._('Filling {name} …', { name: kept.layout.name }),
      far: layouts.length > 1 ? { done: index, of: layouts.length } : undefined,
    });
    const result = await fillOne(kept, { trial, several: layouts.length > 1 }).catch(
      (error: unknown) => ({
        problem: `${kept.layout.name}: ${messageOf(error, i18n._('it could not be filled.'))}`,
      }),
    );
    if (!isLatest() || bankState().info.id !== bank) {
      return;
    }
    if ('files' in result) {
      setHandOver({ files: [...handOverState().files, ...result.files] });
    } else {
      problems.push(result.problem);
    }
  }
  setHandOver({
    busy: undefined,
    far: undefined,
    problem: problems.length ? problems.join(' ') : undefined,
  });
}
