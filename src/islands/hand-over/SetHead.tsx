// The head of what is handed over: its title, how much it is, and the next act: to fill the files, then to take them.
import { Button } from '@mantine/core';
import { useMemo } from 'react';
import type { KeptLayout } from '../../core/model';
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
import { i18n } from '../../languages';

/** Whether any question goes into a receiver's file. */
const goesOut = ({ counts: [fits, loses, , written] }: FitColumn): boolean =>
  fits + loses + written > 0;

/** How many blanks of a receiver questions go into. */
const blanksFilled = ({ family, states }: FitColumn): number =>
  family ? new Set(family.places.filter((_, row) => states[row] !== FIT_STATE.refused)).size : 1;

const MINUTE = 60;
const time = (seconds: number): string =>
  i18n._('{floor, number} min{isSeconds, select, true { {seconds, number} s} other {}}', {
    floor: Math.floor(seconds / MINUTE),
    isSeconds: Boolean(seconds % MINUTE),
    seconds: seconds % MINUTE,
  });

function Facts() {
  const items = useBank((state) => state.items);
  const { choice, out } = useHandOver();
  const chosen = useMemo(() => chosenItems({ choice, out }, items), [choice, out, items]);
  const points = chosen.reduce((sum, item) => sum + pointsOf(item), 0);
  const seconds = chosen.reduce((sum, item) => sum + (item.seconds ?? 0), 0);
  const words = [
    i18n._('{chosen, plural, one {# question} other {# questions}}', { chosen: chosen.length }),
    i18n._('{points, plural, one {# point} other {# points}}', { points }),
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
    ? {
        label: i18n._('Take {name}', { name: first.name }),
        help: i18n._('Download, save it.'),
        run: () => takeFile(first),
      }
    : {
        label: i18n._('Take all {files, number} as one zip', { files: files.length }),
        help: i18n._('Download, save them.'),
        run: () => void takeAll(files),
      };
}

function useMain(
  kept: readonly KeptLayout[],
  fill: (isTrial: boolean) => void,
  take: MainAct | undefined,
): MainAct {
  const { columns, busy, files } = useHandOver();
  const canFill = columns.filter(goesOut).reduce((sum, column) => sum + blanksFilled(column), 0);
  if (busy) {
    return { label: i18n._('Filling …'), isDisabled: true, run: stopFilling };
  }
  return (
    take ?? {
      label: files.length
        ? i18n._('Fill again')
        : i18n._('Fill {canFill, plural, one {# file} other {# files}}', { canFill }),
      help: i18n._('Export: write the files of the receivers in view.'),
      isDisabled: !canFill || !kept.length,
      run: () => fill(false),
    }
  );
}

export function SetHead({ kept }: { kept: readonly KeptLayout[] }) {
  const { title, busy, columns, files } = useHandOver();
  const bank = useBank((state) => state.info.name);
  const fill = useFill(kept);
  const take = useTake();
  const main = useMain(kept, fill, take);
  const canFill = !busy && columns.some(goesOut);
  useActs(
    'hand-over',
    canFill
      ? [
          {
            label: i18n._('Trial file of three'),
            words: i18n._('Test with a few questions'),
            run: () => fill(true),
          },
        ]
      : [],
  );
  const canRefill = canFill && files.length > 0 && take !== undefined;
  return (
    <PlaceHead
      title={
        <NameField
          aria-label={i18n._('Title of the set')}
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
        {i18n._('Trial file of three')}
      </Button>
      {canRefill && <Button onClick={() => fill(false)}>{i18n._('Fill again')}</Button>}
    </PlaceHead>
  );
}
