// Plain layouts of our own, for receivers whose blank is not at hand and for those that take an open standard.
import { Group, Paper, SimpleGrid, Text, Title } from '@mantine/core';
import { useEffect, useState } from 'react';
import type { Layout } from '../../../core/model';
import { LinkButton } from '../../parts/LinkButton';
import { useActs } from '../../state/acts';
import { addStarter, newLayout, starters, takeBlank } from '../../state/layouts';
import { useOpenLayout } from '../use-open-layout';
import { SHAPES } from './words';

function Starter({ starter }: { starter: Layout }) {
  const open = useOpenLayout();
  const use = (): void => {
    open(addStarter(starter));
  };
  return (
    <Group
      component="li"
      gap="xs"
      fz={14}
      py={3}
      style={{ borderBottom: '1px solid var(--line-soft)' }}
    >
      <b>{starter.name}</b>
      <Text component="span" c="dimmed" size="xs">
        .{starter.file.format}, {SHAPES[starter.shape]}
      </Text>
      <Group gap="sm" ml="auto" fz={13}>
        {starter.shape !== 'package' && (
          <LinkButton
            aria-label={`Take its blank: ${starter.name}`}
            onClick={() => void takeBlank(starter)}
          >
            Take its blank
          </LinkButton>
        )}
        <LinkButton aria-label={`Use it: ${starter.name}`} onClick={use}>
          Use it
        </LinkButton>
      </Group>
    </Group>
  );
}

export function Starters() {
  const [list, setList] = useState<Layout[]>([]);
  const open = useOpenLayout();
  useEffect(() => {
    void starters().then(setList);
  }, []);
  useActs(
    'starters',
    list.map((starter) => ({
      label: `Use a plain layout: ${starter.name}`,
      words: `.${starter.file.format}, ${SHAPES[starter.shape]}: template`,
      run: () => open(addStarter(starter)),
    })),
  );
  const build = (): void => {
    open(newLayout());
  };
  return (
    <Paper
      component="section"
      aria-label="Starter layouts"
      px="md"
      py="sm"
      style={{ flex: 'none' }}
    >
      <Title order={2}>Or begin with a plain one</Title>
      <SimpleGrid
        component="ul"
        cols={{ base: 1, md: 2 }}
        spacing="lg"
        verticalSpacing={2}
        p={0}
        my={6}
        style={{ listStyle: 'none' }}
      >
        {list.map((starter) => (
          <Starter key={starter.id} starter={starter} />
        ))}
      </SimpleGrid>
      <LinkButton onClick={build}>Build a layout column by column</LinkButton>
    </Paper>
  );
}
