// Results: what the answers of learners say of the questions.
import { Button, Group, NavLink, NumberInput, Paper, Select, Stack, Text } from '@mantine/core';
import { ModalsProvider } from '@mantine/modals';
import { useState } from 'react';
import { useLocation, useParams } from 'wouter';
import { ChooseFiles } from '../parts/ChooseFiles';
import { EmptyPlace } from '../parts/EmptyPlace';
import { sayProblem } from '../parts/say';
import { useBank } from '../state/bank';
import { bringResults, simulateTrial } from '../state/sittings';
import { OpenSitting } from './OpenSitting';
import { i18n } from '../../languages';

const ACCEPT = '.csv,.tsv,.txt,.xlsx,.xlsm,.ods';
const LEARNERS = 30;
const MOST_LEARNERS = 2000;
const WHOLE = 'bank';

/** The two ways to results: a file of answers, or a trial with simulated learners. */
function Ways({ isMain }: { isMain: boolean }) {
  const [, go] = useLocation();
  const sets = useBank((state) => state.sets);
  const isEmpty = useBank((state) => state.items.length === 0);
  const [set, setSet] = useState(WHOLE);
  const [learners, setLearners] = useState(LEARNERS);
  const open = (id: string | undefined): void => {
    if (id) {
      go(`/results/${id}`);
    }
  };
  const sit = (): void => {
    simulateTrial(set === WHOLE ? undefined : set, learners).then(open, () =>
      sayProblem(i18n._('The trial could not be made.')),
    );
  };
  return (
    <Stack gap="sm">
      <Group>
        <ChooseFiles
          label={i18n._('Choose files of answers')}
          accept={ACCEPT}
          testId="results-file"
          isMain={isMain}
          onFiles={(files) => void bringResults(files).then(open)}
        />
      </Group>
      <Group align="flex-end" gap="xs">
        <Select
          label={i18n._('Simulated learners sit')}
          w={200}
          allowDeselect={false}
          value={set}
          data={[
            { value: WHOLE, label: i18n._('the whole bank') },
            ...sets.map(({ id, name }) => ({ value: id, label: name })),
          ]}
          onChange={(value) => setSet(value ?? WHOLE)}
        />
        <NumberInput
          label={i18n._('How many')}
          w={110}
          min={2}
          max={MOST_LEARNERS}
          allowDecimal={false}
          clampBehavior="strict"
          value={learners}
          onChange={(value) => setLearners(Math.max(2, Number(value) || LEARNERS))}
        />
        <Button disabled={isEmpty} onClick={sit}>
          {i18n._('Simulate a trial')}
        </Button>
      </Group>
    </Stack>
  );
}

export default function ResultsPlace() {
  const sittings = useBank((state) => state.sittings);
  const { id } = useParams<{ id?: string }>();
  const [, go] = useLocation();
  const open = sittings.find((one) => one.id === id) ?? sittings[0];
  if (!open) {
    return (
      <EmptyPlace title={i18n._('No results yet')}>
        <Text>
          {i18n._(
            'Bring the file with your learners’ answers: a learner a row, a question a column headed by its reference, title or text; or a question a row with how often it was answered and how often right. Each question then shows how hard it was, how well it tells strong from weak, and what its wrong options drew.',
          )}
        </Text>
        <Ways isMain />
      </EmptyPlace>
    );
  }
  return (
    <ModalsProvider>
      <Group align="stretch" gap="md" wrap="nowrap" className="sets-place">
        <Paper component="nav" aria-label={i18n._('Results')} className="set-list">
          <Stack gap={2}>
            {sittings.map((sitting) => (
              <NavLink
                key={sitting.id}
                component="button"
                label={sitting.name}
                description={sitting.simulated ? i18n._('simulated') : undefined}
                active={sitting.id === open.id}
                aria-current={sitting.id === open.id ? 'true' : undefined}
                rightSection={<span className="mono">{sitting.results.learners}</span>}
                onClick={() => go(`/results/${sitting.id}`)}
              />
            ))}
            <Button mt="xs" mx="xs" onClick={() => go('/results/new')}>
              {i18n._('More results')}
            </Button>
          </Stack>
        </Paper>
        <Stack
          gap="sm"
          className="set-open"
          aria-label={`${open.name}, ${i18n._('{sittings, plural, one {# sitting} other {# sittings}}', { sittings: sittings.length })}`}
        >
          {id === 'new' ? <Ways isMain /> : <OpenSitting key={open.id} sitting={open} />}
        </Stack>
      </Group>
    </ModalsProvider>
  );
}
