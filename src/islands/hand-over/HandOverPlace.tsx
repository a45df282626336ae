// Hand over: every question against every receiver in view, the seam of each, the filled files with their proof.
import { useEffect, useMemo, useState } from 'react';
import { Link } from 'wouter';
import { KIND_NAMES } from '../../core/shared/kind-names';
import { count } from '../../core/shared/plain';
import type { KeptLayout } from '../../core/model';
import { useBank } from '../state/bank';
import {
  chosenItems,
  fillFiles,
  leaveQuestion,
  refit,
  setChoice,
  setTitle,
  setWishes,
  useHandOver,
} from '../state/hand-over';
import { Files } from './Files';
import { KeyPlaces } from './KeyPlaces';
import { Matrix } from './Matrix';
import { OpenSeam } from './OpenSeam';

const time = (seconds: number): string =>
  `${Math.floor(seconds / 60)} min${seconds % 60 ? ` ${seconds % 60} s` : ''}`;

function Facts() {
  const items = useBank((state) => state.items);
  const { choice, out } = useHandOver();
  const chosen = useMemo(() => chosenItems({ choice, out }, items), [choice, out, items]);
  const points = chosen.reduce(
    (sum, item) => sum + (item.points ?? (item.kind === 'card' ? 0 : 1)),
    0,
  );
  const seconds = chosen.reduce((sum, item) => sum + (item.seconds ?? 0), 0);
  return (
    <span className="facts" data-testid="set-facts">
      {count(chosen.length, 'question')}, {count(points, 'point')}
      {seconds ? `, ${time(seconds)}` : ''}
    </span>
  );
}

/** Which questions, and what only some files can say: the set's description, a pool. */
function Choose({ kept }: { kept: readonly KeptLayout[] }) {
  const items = useBank((state) => state.items);
  const { choice, out, description, draw, asTheyAre } = useHandOver();
  const categories = useMemo(
    () =>
      [
        ...new Set(
          items.flatMap((item) =>
            item.category
              ? item.category.map((_, index) => item.category!.slice(0, index + 1).join(' > '))
              : [],
          ),
        ),
      ].sort(),
    [items],
  );
  const kinds = useMemo(() => [...new Set(items.map((item) => item.kind))], [items]);
  const describes = kept.some(({ layout }) =>
    layout.file.cells?.some((cell) => cell.role === 'set-description'),
  );
  const pools = kept.some(
    ({ layout }) => layout.shape === 'package' && layout.file.standard !== 'common-cartridge-1.3',
  );
  return (
    <div className="filters">
      <input
        type="search"
        aria-label="Questions that hold these words"
        placeholder="Only questions that hold …"
        value={choice.words}
        onChange={(event) => setChoice({ words: event.target.value })}
      />
      <select
        aria-label="Category"
        value={choice.category}
        onChange={(event) => setChoice({ category: event.target.value })}
      >
        <option value="">every category</option>
        {categories.map((category) => (
          <option key={category}>{category}</option>
        ))}
      </select>
      <select
        aria-label="Kind"
        value={choice.kind}
        onChange={(event) => setChoice({ kind: event.target.value })}
      >
        <option value="">every kind</option>
        {kinds.map((kind) => (
          <option key={kind} value={kind}>
            {KIND_NAMES[kind]}
          </option>
        ))}
      </select>
      {describes && (
        <input
          aria-label="Description of the set"
          placeholder="Description of the set"
          value={description}
          onChange={(event) => setWishes({ description: event.target.value })}
        />
      )}
      {pools && (
        <label className="inline">
          draw{' '}
          <input
            className="mono"
            aria-label="Questions drawn at each attempt"
            size={3}
            inputMode="numeric"
            placeholder="all"
            value={draw ?? ''}
            onChange={(event) => {
              const n = Number(event.target.value);
              setWishes({ draw: Number.isInteger(n) && n > 0 ? n : undefined });
            }}
          />{' '}
          at each attempt
        </label>
      )}
      <label className="inline">
        <input
          type="checkbox"
          checked={asTheyAre}
          onChange={(event) => setWishes({ asTheyAre: event.target.checked })}
        />{' '}
        only those that fit as they are
      </label>
      {out.size > 0 && (
        <button
          type="button"
          className="link"
          onClick={() => out.forEach((id) => leaveQuestion(id, false))}
        >
          Bring back {out.size} left out
        </button>
      )}
    </div>
  );
}

export default function HandOverPlace() {
  const items = useBank((state) => state.items);
  const info = useBank((state) => state.info);
  const all = useBank((state) => state.layouts);
  const state = useHandOver();
  const kept = useMemo(() => all.filter((one) => one.chosen), [all]);
  const layouts = useMemo(() => kept.map((one) => one.layout), [kept]);
  const [open, setOpen] = useState<{ row: number; layout: string }>();
  const { choice, out, columns, ids } = state;
  useEffect(() => {
    void refit(kept);
  }, [items, kept, choice, out]);
  const canFill = columns.filter((column) => column.counts[0] + column.counts[1] > 0).length;
  if (!items.length) {
    return (
      <div className="empty">
        <h1>Nothing to hand over yet</h1>
        <p>
          The bank is empty. <Link href="/gather">Bring questions in</Link> first.
        </p>
      </div>
    );
  }
  if (!layouts.length) {
    return (
      <div className="empty">
        <h1>No receiver in view</h1>
        <p>
          Drop a receiver’s blank anywhere on this page, or{' '}
          <Link href="/layouts">choose one among the layouts</Link>.
        </p>
      </div>
    );
  }
  const opened = kept.find((one) => one.id === open?.layout);
  return (
    <>
      <div className="place-head">
        <h1>
          <input
            className="name-field"
            aria-label="Title of the set"
            placeholder={info.name}
            size={Math.min(40, Math.max(12, (state.title || info.name).length))}
            value={state.title}
            onChange={(event) => setTitle(event.target.value)}
          />
        </h1>
        <Facts />
        <div className="actions">
          <button
            type="button"
            className="button"
            disabled={!canFill || state.busy !== undefined}
            onClick={() => void fillFiles(kept, true)}
          >
            Trial file of three
          </button>
          <button
            type="button"
            className="button main"
            disabled={!canFill || state.busy !== undefined}
            onClick={() => void fillFiles(kept)}
          >
            {state.busy ? 'Filling …' : `Fill ${canFill} ${canFill === 1 ? 'file' : 'files'}`}
          </button>
        </div>
      </div>
      <Choose kept={kept} />
      {state.problem && (
        <div className="bar block" role="alert">
          {state.problem}
        </div>
      )}
      <Files layouts={layouts} />
      <KeyPlaces kept={kept} />
      <div className="hand-over-body">
        <Matrix layouts={layouts} open={open} onOpen={setOpen} />
        {open && opened && ids[open.row] ? (
          <OpenSeam
            key={`${ids[open.row]} ${open.layout}`}
            id={ids[open.row]!}
            n={open.row + 1}
            kept={opened}
            onGo={(row) => setOpen({ row, layout: open.layout })}
            row={open.row}
          />
        ) : (
          <aside className="panel open-seam">
            <p className="soft pad">
              Open a cell of the table to see what the question becomes in that receiver’s file.
            </p>
          </aside>
        )}
      </div>
    </>
  );
}
