// The head of what is handed over: its title, how much it is, and the next act: to fill the files, then to take them.
import { Button } from '@mantine/core';
import { useMemo } from 'react';
import type { KeptLayout } from '../../core/model';
import { count } from '../../core/shared/plain';
import { pointsOf } from '../../core/shared/sets/facts';
import { NameField } from '../parts/NameField';
import { PlaceHead, type MainAct } from '../parts/PlaceHead';
import { useActs } from '../state/acts';
import { useBank } from '../state/bank';
import {
  chosenItems,
  fillFiles,
  setTitle,
  stopFilling,
  takeAll,
  takeFile,
  useHandOver,
} from '../state/hand-over';
import { askTitle } from './ask-title';
import { FIT_STATE } from '../../core/shared/change-grades';
import type { FitColumn } from '../../workers/protocol';
import { isAsMeant } from './files/proof';

/** Whether any question goes into a receiver's file. */
const goesOut = ({ counts: [fits, loses, , written] }: FitColumn): boolean =>
  fits + loses + written > 0;

/** How many blanks of a receiver questions go into. */
const blanksFilled = ({ family, states }: FitColumn): number =>
  family ? new Set(family.places.filter((_, row) => states[row] !== FIT_STATE.refused)).size : 1;

const MINUTE = 60;
const time = (seconds: number): string =>
  `${Math.floor(seconds / MINUTE)} min${seconds % MINUTE ? ` ${seconds % MINUTE} s` : ''}`;

function Facts() {
  const items = useBank((state) => state.items);
  const { choice, out } = useHandOver();
  const chosen = useMemo(() => chosenItems({ choice, out }, items), [choice, out, items]);
  const points = chosen.reduce((sum, item) => sum + pointsOf(item), 0);
  const seconds = chosen.reduce((sum, item) => sum + (item.seconds ?? 0), 0);
  const words = [
    count(chosen.length, 'question'),
    count(points, 'point'),
    seconds ? time(seconds) : '',
  ];
  return <span data-testid="set-facts">{words.filter(Boolean).join(', ')}</span>;
}

/** Fills the files, once the set has a title. */
function useFill(kept: readonly KeptLayout[]): (isTrial: boolean) => void {
  const { title } = useHandOver();
  const bank = useBank((state) => state.info.name);
  return (isTrial) => {
    if (title) {
      void fillFiles(kept, isTrial);
      return;
    }
    askTitle(bank, (asked) => {
      setTitle(asked);
      void fillFiles(kept, isTrial);
    });
  };
}

/** What is taken next; undefined where there is nothing that came back as meant. */
function useTake(): MainAct | undefined {
  const { files } = useHandOver();
  const [first] = files;
  const isReady = first && files.every(isAsMeant) && files.some(({ isTaken }) => !isTaken);
  if (!isReady) {
    return undefined;
  }
  return files.length === 1
    ? { label: `Take ${first.name}`, help: 'Download, save it.', run: () => takeFile(first) }
    : {
        label: `Take all ${files.length} as one zip`,
        help: 'Download, save them.',
        run: () => void takeAll(files),
      };
}

function useMain(kept: readonly KeptLayout[], fill: (isTrial: boolean) => void): MainAct {
  const { columns, busy, files } = useHandOver();
  const take = useTake();
  const canFill = columns.filter(goesOut).reduce((sum, column) => sum + blanksFilled(column), 0);
  if (busy) {
    return { label: 'Filling …', isDisabled: true, run: stopFilling };
  }
  return (
    take ?? {
      label: files.length ? 'Fill again' : `Fill ${count(canFill, 'file')}`,
      help: 'Export: write the files of the receivers in view.',
      isDisabled: !canFill || !kept.length,
      run: () => fill(false),
    }
  );
}

export function SetHead({ kept }: { kept: readonly KeptLayout[] }) {
  const { title, busy, columns, files } = useHandOver();
  const bank = useBank((state) => state.info.name);
  const fill = useFill(kept);
  const main = useMain(kept, fill);
  const canFill = !busy && columns.some(goesOut);
  useActs(
    'hand-over',
    canFill
      ? [
          {
            label: 'Trial file of three',
            words: 'Test with a few questions',
            run: () => fill(true),
          },
        ]
      : [],
  );
  const canRefill = canFill && files.length > 0 && main.label !== 'Fill again';
  return (
    <PlaceHead
      title={
        <NameField
          aria-label="Title of the set"
          placeholder={bank}
          sizer={title || bank}
          value={title}
          onChange={(event) => setTitle(event.currentTarget.value)}
        />
      }
      facts={<Facts />}
      main={main}
    >
      <Button disabled={!canFill} onClick={() => fill(true)}>
        Trial file of three
      </Button>
      {canRefill && <Button onClick={() => fill(false)}>Fill again</Button>}
    </PlaceHead>
  );
}
