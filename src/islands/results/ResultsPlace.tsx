// Results: what the answers of learners say of the questions.
import { Button, Group, NavLink, NumberInput, Paper, Select, Stack, Text } from '@mantine/core';
import { ModalsProvider } from '@mantine/modals';
import { useState } from 'react';
import { useLocation, useParams } from 'wouter';
import { count } from '../../core/shared/plain';
import { ChooseFiles } from '../parts/ChooseFiles';
import { EmptyPlace } from '../parts/EmptyPlace';
import { sayProblem } from '../parts/say';
import { useBank } from '../state/bank';
import { bringResults, simulateTrial } from '../state/sittings';
import { OpenSitting } from './OpenSitting';

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
      sayProblem('The trial could not be made.'),
    );
  };
  return (
    <Stack gap="sm">
      <Group>
        <ChooseFiles
          label="Choose files of answers"
          accept={ACCEPT}
          testId="results-file"
          isMain={isMain}
          onFiles={(files) => void bringResults(files).then(open)}
        />
      </Group>
      <Group align="flex-end" gap="xs">
        <Select
          label="Simulated learners sit"
          w={200}
          allowDeselect={false}
          value={set}
          data={[
            { value: WHOLE, label: 'the whole bank' },
            ...sets.map(({ id, name }) => ({ value: id, label: name })),
          ]}
          onChange={(value) => setSet(value ?? WHOLE)}
        />
        <NumberInput
          label="How many"
          w={110}
          min={2}
          max={MOST_LEARNERS}
          allowDecimal={false}
          clampBehavior="strict"
          value={learners}
          onChange={(value) => setLearners(Math.max(2, Number(value) || LEARNERS))}
        />
        <Button disabled={isEmpty} onClick={sit}>
          Simulate a trial
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
      <EmptyPlace title="No results yet">
        <Text>
          Bring the file with your learners’ answers: a learner a row, a question a column headed by
          its reference, title or text; or a question a row with how often it was answered and how
          often right. Each question then shows how hard it was, how well it tells strong from weak,
          and what its wrong options drew.
        </Text>
        <Ways isMain />
      </EmptyPlace>
    );
  }
  return (
    <ModalsProvider>
      <Group align="stretch" gap="md" wrap="nowrap" className="sets-place">
        <Paper component="nav" aria-label="Results" className="set-list">
          <Stack gap={2}>
            {sittings.map((sitting) => (
              <NavLink
                key={sitting.id}
                component="button"
                label={sitting.name}
                description={sitting.simulated ? 'simulated' : undefined}
                active={sitting.id === open.id}
                aria-current={sitting.id === open.id ? 'true' : undefined}
                rightSection={<span className="mono">{sitting.results.learners}</span>}
                onClick={() => go(`/results/${sitting.id}`)}
              />
            ))}
            <Button mt="xs" mx="xs" onClick={() => go('/results/new')}>
              More results
            </Button>
          </Stack>
        </Paper>
        <Stack
          gap="sm"
          className="set-open"
          aria-label={`${open.name}, ${count(sittings.length, 'sitting')}`}
        >
          {id === 'new' ? <Ways isMain /> : <OpenSitting key={open.id} sitting={open} />}
        </Stack>
      </Group>
    </ModalsProvider>
  );
}
