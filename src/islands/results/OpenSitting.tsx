// One sitting: its figures as a whole, its charts, its questions.
import { Button, Group, SimpleGrid, Text } from '@mantine/core';
import type { Finding, Sitting } from '../../core/model';
import { when } from '../parts/when';
import { FindingNote } from '../parts/Finding';
import { MainButton } from '../parts/PlaceHead';
import { CommitName } from '../parts/NameField';
import { useActs } from '../state/acts';
import { removeSitting, renameSitting, takeFigures } from '../state/sittings';
import { PointsChart, ScatterChart } from './Charts';
import { ItemTable } from './ItemTable';
import { showStudySheet } from './StudyPages';
import { testFacts } from './words';
import { i18n } from '../../languages';

/** What was found of the file as a whole. */
const ofWhole = (findings: readonly Finding[]): Finding[] =>
  findings.filter(({ item }) => item === undefined);

function Facts({ sitting }: { sitting: Sitting }) {
  const { results } = sitting;
  return (
    <Group gap="md" className="sitting-facts" data-testid="sitting-facts">
      <Text size="sm" c="dimmed">
        {i18n._(
          '{learners, plural, one {# {isSimulated, select, true {simulated learner} other {learner}}} other {# {isSimulated, select, true {simulated learners} other {learners}}}}, {items, plural, one {# question} other {# questions}}, {at}',
          {
            learners: results.learners,
            isSimulated: Boolean(sitting.simulated),
            items: results.items.length,
            at: when(sitting.at),
          },
        )}
      </Text>
      {sitting.learners.length > 0 &&
        testFacts(results.test).map(({ name, value, help }) => (
          <span key={name} title={help}>
            <Text component="span" size="sm" c="dimmed">
              {name}
            </Text>{' '}
            <b className="mono">{value}</b>
          </span>
        ))}
    </Group>
  );
}

export function OpenSitting({ sitting }: { sitting: Sitting }) {
  const { results, learners } = sitting;
  const hasLearners = learners.length > 0;
  useActs('results', [
    {
      label: i18n._('Figures as a table'),
      words: i18n._('csv, spreadsheet, export results'),
      run: () => void takeFigures(sitting),
    },
  ]);
  return (
    <>
      <Group gap="sm" component="header">
        <CommitName
          label={i18n._('Name of the results')}
          value={sitting.name}
          onCommit={(name) => renameSitting(sitting, name)}
        />
        <Group gap="xs" ml="auto">
          <Button onClick={() => removeSitting(sitting)}>{i18n._('Remove')}</Button>
          <Button onClick={() => void takeFigures(sitting)}>{i18n._('Figures as a table')}</Button>
          <MainButton
            act={{
              label: i18n._('Study sheet'),
              help: i18n._('Printed: what most got wrong first, with what is right and why.'),
              run: () => showStudySheet(sitting),
            }}
          />
        </Group>
      </Group>
      <Facts sitting={sitting} />
      {ofWhole(results.findings).map((finding) => (
        <FindingNote key={finding.message} finding={finding} />
      ))}
      {hasLearners && (
        <SimpleGrid cols={{ base: 1, md: 2 }} style={{ flex: 'none' }}>
          <PointsChart sitting={sitting} />
          <ScatterChart items={results.items} />
        </SimpleGrid>
      )}
      <ItemTable sitting={sitting} />
    </>
  );
}
