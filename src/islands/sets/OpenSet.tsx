// One set: its name and what it comes to, its sections, and the ways to fill it.
import { Button, Group, Menu, SegmentedControl, Text } from '@mantine/core';
import { useMemo, useState } from 'react';
import { useLocation } from 'wouter';
import type { QuestionSet } from '../../core/model';
import { kindName } from '../../core/shared/kind-names';
import { factsOf } from '../../core/shared/sets/facts';
import { CommitText } from '../parts/Commit';
import { CommitName } from '../parts/NameField';
import { PlaceHead } from '../parts/PlaceHead';
import { these } from '../parts/these';
import { itemById, useBank } from '../state/bank';
import { handOverSet } from '../state/hand-over';
import { changeSet, copySet, idsOf, removeSet } from '../state/sets';
import { Cues } from './Cues';
import { AddQuestions } from './AddQuestions';
import { PlanTable } from './PlanTable';
import { showPrint } from './Print';
import { Sections } from './Sections';
import { timeWords } from './words';
import { i18n } from '../../languages';

type Facts = { sum: string; kinds: string };
/** What a set comes to, counted anew with every change of it or of its questions. */
function useFacts(set: QuestionSet): Facts {
  const items = useBank((state) => state.items);
  return useMemo(() => {
    void items;
    const { questions, points, seconds, untimed, kinds } = factsOf(set, itemById);
    const kindWords = [...kinds].map(([kind, n]) => `${kindName(kind)} ${n}`);
    const sum = [
      i18n._('{questions, plural, one {# question} other {# questions}}', { questions }),
      i18n._('{points, plural, one {# point} other {# points}}', { points }),
      seconds ? timeWords(seconds) : '',
      seconds && untimed ? i18n._('{untimed, number} without a time', { untimed }) : '',
    ];
    return { sum: sum.filter(Boolean).join(', '), kinds: kindWords.join(', ') };
  }, [set, items]);
}

function More({ set }: { set: QuestionSet }) {
  const [, go] = useLocation();
  const copy = (): void => {
    const id = copySet(set.id);
    if (id) {
      go(`/sets/${id}`);
    }
  };
  return (
    <Menu position="bottom-end" withinPortal>
      <Menu.Target>
        <Button>{i18n._('More')}</Button>
      </Menu.Target>
      <Menu.Dropdown>
        <Menu.Item onClick={copy}>{i18n._('Copy this set')}</Menu.Item>
        <Menu.Item onClick={() => removeSet(set.id)}>{i18n._('Remove this set')}</Menu.Item>
      </Menu.Dropdown>
    </Menu>
  );
}

const WAYS = [i18n._('By hand'), i18n._('By a plan')] as const;

export function OpenSet({ set }: { set: QuestionSet }) {
  const [, go] = useLocation();
  const facts = useFacts(set);
  const [way, setWay] = useState<string>(set.plan ? WAYS[1] : WAYS[0]);
  const total = idsOf(set).length;
  return (
    <>
      <PlaceHead
        title={
          <CommitName
            label={i18n._('Name of the set')}
            value={set.name}
            onCommit={(name) =>
              changeSet(set.id, i18n._('Rename {name}', { name: set.name }), { name })
            }
          />
        }
        facts={<span data-testid="facts-of-set">{facts.sum}</span>}
        main={{
          label: i18n._('Hand over {these}', { these: these(total) }),
          help: i18n._('Fill the receivers’ files with this set.'),
          isDisabled: !total,
          run: () => {
            handOverSet(set);
            go('/hand-over');
          },
        }}
      >
        <Button disabled={!total} onClick={() => showPrint(set)}>
          {i18n._('Print or play')}
        </Button>
        <More set={set} />
      </PlaceHead>
      <Group gap="sm">
        <CommitText
          aria-label={i18n._('Description of the set')}
          placeholder={i18n._('What this set is for')}
          size="sm"
          w={320}
          value={set.description ?? ''}
          onCommit={(text) =>
            changeSet(set.id, i18n._('Describe {name}', { name: set.name }), {
              description: text || undefined,
            })
          }
        />
        <SegmentedControl
          aria-label={i18n._('How the set is filled')}
          data={[...WAYS]}
          value={way}
          onChange={setWay}
        />
        <Text size="sm" c="dimmed">
          {facts.kinds}
        </Text>
      </Group>
      <Cues set={set} />
      {way === WAYS[1] && <PlanTable set={set} />}
      <div className="set-halves">
        <Sections set={set} />
        {way === WAYS[0] && <AddQuestions set={set} />}
      </div>
    </>
  );
}
