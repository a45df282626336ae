// Where right answers lie, before and after they are spread: a chart, and the same in numbers.
import { Group, Paper, SimpleGrid, Stack, Table, Text } from '@mantine/core';
import { useState } from 'react';
import type { KeptLayout } from '../../../core/model';
import { optionLetter } from '../../../core/shared/plain';
import { CommitText, Pick, Tick } from '../../parts/Commit';
import { useActs } from '../../state/acts';
import { useAsk } from '../../state/asking';
import { setWishes, useHandOver } from '../../state/hand-over';
import { showsOrder, unevenness, type Places } from './places';
import { PlacesChart } from './PlacesChart';
import { i18n } from '../../../languages';

const SEED = 1;

function PlacesTable({ places, isSpread }: { places: Places; isSpread: boolean }) {
  const rows: [string, readonly number[]][] = [[i18n._('as they stand'), places.before]];
  if (isSpread) {
    rows.push([i18n._('spread evenly'), places.after]);
  }
  return (
    <Table
      aria-label={i18n._('Right answers by their place')}
      horizontalSpacing={10}
      verticalSpacing={3}
    >
      <Table.Thead>
        <Table.Tr>
          <Table.Th>{i18n._('Place')}</Table.Th>
          {places.before.map((_, index) => (
            <Table.Th key={index}>{optionLetter(index)}</Table.Th>
          ))}
        </Table.Tr>
      </Table.Thead>
      <Table.Tbody>
        {rows.map(([name, counts]) => (
          <Table.Tr key={name}>
            <Table.Th scope="row">{name}</Table.Th>
            {places.before.map((_, index) => (
              <Table.Td key={index} ff="monospace">
                {counts[index] ?? 0}
              </Table.Td>
            ))}
          </Table.Tr>
        ))}
      </Table.Tbody>
    </Table>
  );
}

function Spread() {
  const { spread } = useHandOver();
  const turn = (isOn: boolean): void => setWishes({ spread: isOn ? SEED : undefined });
  useActs('spread', [
    {
      label:
        spread === undefined
          ? i18n._('Spread right answers evenly')
          : i18n._('Leave right answers in place'),
      words: i18n._('Shuffle, mix the options'),
      run: () => turn(spread === undefined),
    },
  ]);
  return (
    <Group gap="sm">
      <Tick
        label={i18n._('Spread them evenly for receivers that do not shuffle')}
        isOn={spread !== undefined}
        onTick={turn}
      />
      {spread !== undefined && (
        <Group gap={6} component="span">
          <span aria-hidden>{i18n._('by seed')}</span>
          <CommitText
            mono
            aria-label={i18n._('by seed')}
            w={70}
            inputMode="numeric"
            value={String(spread)}
            onCommit={(text) => /^\d+$/.test(text) && (setWishes({ spread: Number(text) }), true)}
          />
        </Group>
      )}
    </Group>
  );
}

function Uneven({ words }: { words: string }) {
  return (
    <>
      :{' '}
      <span className="sign warn" aria-hidden>
        !
      </span>{' '}
      {words}
    </>
  );
}

export function KeyPlaces({ kept }: { kept: readonly KeptLayout[] }) {
  const { ids, spread } = useHandOver();
  const concerned = kept.filter(showsOrder);
  const [chosen, setChosen] = useState<string>();
  const one = concerned.find(({ id }) => id === chosen) ?? concerned[0];
  const { answer: places } = useAsk(
    one && ((worker) => worker.keyPlaces([...ids], one.layout, one.variants ?? {}, spread ?? SEED)),
    [ids, one, spread],
  );
  if (!one || !places?.questions) {
    return null;
  }
  const isSpread = spread !== undefined;
  const uneven = isSpread ? undefined : unevenness(places);
  return (
    <Paper px="md" py={4} style={{ flex: 'none' }} fz={14}>
      <details className="key-places">
        <summary>
          {isSpread
            ? i18n._('Where right answers lie: spread evenly')
            : i18n._('Where right answers lie')}
          {uneven && <Uneven words={uneven} />}
        </summary>
        <SimpleGrid cols={{ base: 1, sm: 2 }} py="xs">
          <PlacesChart places={places} isSpread={isSpread} />
          <Stack gap={8}>
            {concerned.length > 1 && (
              <Pick
                label={i18n._('Receiver')}
                value={one.id}
                choices={concerned.map(({ id, layout }) => [id, layout.name] as const)}
                onPick={setChosen}
              />
            )}
            <PlacesTable places={places} isSpread={isSpread} />
            <Spread />
            <Text c="dimmed" size="xs">
              {i18n._(
                'The same seed gives the same order, even among questions with as many options. Options that speak of others (“all of the above”), true or false, and questions that keep their order stay as they are.',
              )}
            </Text>
          </Stack>
        </SimpleGrid>
      </details>
    </Paper>
  );
}
