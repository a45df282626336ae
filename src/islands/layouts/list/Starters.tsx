// Plain layouts of our own, for receivers whose blank is not at hand and for those that take an open standard.
import { Group, Paper, SimpleGrid, Text, Title } from '@mantine/core';
import { useEffect, useState } from 'react';
import type { Layout } from '../../../core/model';
import { LinkButton } from '../../parts/LinkButton';
import { useActs } from '../../state/acts';
import { addStarter, newLayout, starters, takeBlank } from '../../state/layouts';
import { useOpenLayout } from '../use-open-layout';
import { SHAPES } from './words';
import { i18n } from '../../../languages';

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
        {i18n._('.{format}, {shape}', {
          format: starter.file.format,
          shape: SHAPES[starter.shape],
        })}
      </Text>
      <Group gap="sm" ml="auto" fz={13}>
        {starter.shape !== 'package' && (
          <LinkButton
            aria-label={i18n._('Take its blank: {name}', { name: starter.name })}
            onClick={() => void takeBlank(starter)}
          >
            {i18n._('Take its blank')}
          </LinkButton>
        )}
        <LinkButton aria-label={i18n._('Use it: {name}', { name: starter.name })} onClick={use}>
          {i18n._('Use it')}
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
      label: i18n._('Use a plain layout: {name}', { name: starter.name }),
      words: i18n._('.{format}, {shape}: template', {
        format: starter.file.format,
        shape: SHAPES[starter.shape],
      }),
      run: () => open(addStarter(starter)),
    })),
  );
  const build = (): void => {
    open(newLayout());
  };
  return (
    <Paper
      component="section"
      aria-label={i18n._('Starter layouts')}
      px="md"
      py="sm"
      style={{ flex: 'none' }}
    >
      <Title order={2}>{i18n._('Or begin with a plain one')}</Title>
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
      <LinkButton onClick={build}>{i18n._('Build a layout column by column')}</LinkButton>
    </Paper>
  );
}
