// The plan of a set: how many questions of which category, tag and kind; drawn again with the same seed, or anew.
import { Button, Group, NumberInput, Paper, Select, Table, Text } from '@mantine/core';
import { useMemo, useState } from 'react';
import type { Item, PlanLine, PlanMost, PlanWhere, QuestionSet, Tag } from '../../core/model';
import { kindName } from '../../core/shared/kind-names';
import { tagText } from '../../core/shared/plain';
import { shortWords } from '../../core/shared/sets/short';
import { isWanted, pathsOf } from '../../core/shared/sets/where';
import { LinkButton } from '../parts/LinkButton';
import { tagOf } from '../parts/cells';
import { itemById, useBank } from '../state/bank';
import { changePlan, drawSet, idsOf, setById } from '../state/sets';
import { i18n } from '../../languages';

const ANY = '';
const NO_LINES: PlanLine[] = [];

/** The categories, tags and kinds that there are. */
function useWords() {
  const items = useBank((state) => state.items);
  return useMemo(() => {
    const sorted = (words: Iterable<string>): string[] => [...new Set(words)].sort();
    return {
      categories: sorted(items.flatMap(pathsOf)),
      tags: sorted(items.flatMap(({ tags = [] }: Item) => tags.map(tagText))),
      kinds: [...new Set(items.map(({ kind }) => kind))],
    };
  }, [items]);
}

function Choose({
  label,
  value,
  any,
  data,
  onChoose,
}: {
  label: string;
  value: string | undefined;
  any: string;
  data: readonly { value: string; label: string }[];
  onChoose: (value: string | undefined) => void;
}) {
  return (
    <Select
      aria-label={label}
      searchable
      nothingFoundMessage={i18n._('None')}
      value={value ?? ANY}
      data={[{ value: ANY, label: any }, ...data]}
      onChange={(next) => onChoose(next || undefined)}
    />
  );
}

const asData = (words: readonly string[]) => words.map((word) => ({ value: word, label: word }));
const tagWords = (tag: Tag | undefined): string | undefined => tag && tagText(tag);

function Line({
  set,
  line,
  at,
  onChange,
}: {
  set: QuestionSet;
  line: PlanLine;
  at: number;
  onChange: (line: PlanLine | undefined) => void;
}) {
  const items = useBank((state) => state.items);
  const words = useWords();
  const { where, take } = line;
  const to = (change: Partial<PlanWhere>): void =>
    onChange({ ...line, where: { ...where, ...change } });
  const there = useMemo(() => items.filter((item) => isWanted(item, where)).length, [items, where]);
  const inSet = idsOf(set).filter((id) => {
    const item = itemById(id);
    return item && isWanted(item, where);
  }).length;
  const isShort = there < take;
  return (
    <Table.Tr>
      <Table.Td>
        <Choose
          label={i18n._('Category of line {at}', { at: at + 1 })}
          value={where.category}
          any={i18n._('any category')}
          data={asData(words.categories)}
          onChoose={(category) => to({ category })}
        />
      </Table.Td>
      <Table.Td>
        <Choose
          label={i18n._('Tag of line {at}', { at: at + 1 })}
          value={tagWords(where.tag)}
          any={i18n._('any tag')}
          data={asData(words.tags)}
          onChoose={(tag) => to({ tag: tag === undefined ? undefined : tagOf(tag) })}
        />
      </Table.Td>
      <Table.Td>
        <Choose
          label={i18n._('Kind of line {at}', { at: at + 1 })}
          value={where.kind}
          any={i18n._('any kind')}
          data={words.kinds.map((kind) => ({ value: kind, label: kindName(kind) }))}
          onChoose={(kind) => to({ kind: words.kinds.find((one) => one === kind) })}
        />
      </Table.Td>
      <Table.Td w={80}>
        <NumberInput
          aria-label={i18n._('Questions wanted by line {at}', { at: at + 1 })}
          hideControls
          min={0}
          allowDecimal={false}
          allowNegative={false}
          value={take}
          onChange={(value) => onChange({ ...line, take: Number(value) || 0 })}
        />
      </Table.Td>
      <Table.Td>
        <Text size="sm" c={isShort ? 'var(--cowslip-ink)' : 'dimmed'}>
          {isShort
            ? i18n._('! only {there, number} in the bank', { there })
            : i18n._('of {there, number}', { there })}
          {inSet ? i18n._(', {inSet, number} in the set', { inSet }) : ''}
        </Text>
      </Table.Td>
      <Table.Td>
        <LinkButton onClick={() => onChange(undefined)}>{i18n._('Remove')}</LinkButton>
      </Table.Td>
    </Table.Tr>
  );
}

/** A line for each category at the top, as a beginning. */
function linesByCategory(items: readonly Item[]): PlanLine[] {
  const tops = new Set(items.flatMap(({ category }) => category?.[0] ?? []));
  return [...tops].sort().map((category) => ({ where: { category }, take: 2 }));
}

/** What all questions of the plan may come to. */
function Most({ set }: { set: QuestionSet }) {
  const most = set.plan?.most ?? {};
  const to = (part: keyof PlanMost, value: string | number): void => {
    const { [part]: _before, ...others } = most;
    const next = Number(value) > 0 ? { ...others, [part]: Number(value) } : others;
    changePlan(set.id, { most: next });
  };
  const parts = [
    ['points', i18n._('Points at most')],
    ['minutes', i18n._('Minutes at most')],
  ] as const;
  return parts.map(([part, label]) => (
    <NumberInput
      key={part}
      aria-label={label}
      placeholder={label}
      hideControls
      min={0}
      allowNegative={false}
      w={158}
      suffix={i18n._(' {part} at most', { part })}
      value={most[part] ?? ''}
      onChange={(value) => to(part, value)}
    />
  ));
}

export function PlanTable({ set }: { set: QuestionSet }) {
  const items = useBank((state) => state.items);
  const lines = set.plan?.lines ?? NO_LINES;
  const wanted = lines.reduce((sum, { take }) => sum + take, 0);
  const keep = (next: PlanLine[]): void => changePlan(set.id, { lines: next });
  const change = (at: number, line: PlanLine | undefined): void =>
    keep(lines.flatMap((one, index) => (index === at ? (line ?? []) : one)));
  const isDrawn = idsOf(set).length > 0;
  const [short, setShort] = useState<readonly string[]>([]);
  const draw = async (): Promise<void> => {
    const drawn = await drawSet(set.id, isDrawn);
    const plan = setById(set.id)?.plan;
    setShort(
      drawn && plan
        ? drawn.short.map((one) => shortWords(one, plan, drawn.byLine[one.line]!.length))
        : [],
    );
  };
  return (
    <Paper component="section" aria-label={i18n._('Plan of the set')} p="xs">
      {lines.length > 0 && (
        <Table verticalSpacing={2} horizontalSpacing={4} withRowBorders={false} className="plan">
          <Table.Thead>
            <Table.Tr>
              <Table.Th>{i18n._('Category')}</Table.Th>
              <Table.Th>{i18n._('Tag')}</Table.Th>
              <Table.Th>{i18n._('Kind')}</Table.Th>
              <Table.Th>{i18n._('Wanted')}</Table.Th>
              <Table.Th>{i18n._('There are')}</Table.Th>
              <Table.Th aria-label={i18n._('Acts')} />
            </Table.Tr>
          </Table.Thead>
          <Table.Tbody>
            {lines.map((line, at) => (
              <Line key={at} set={set} line={line} at={at} onChange={(next) => change(at, next)} />
            ))}
          </Table.Tbody>
        </Table>
      )}
      <Group gap="xs" mt={4}>
        <Button onClick={() => keep([...lines, { where: {}, take: 5 }])}>
          {i18n._('New line')}
        </Button>
        {!lines.length && (
          <Button onClick={() => keep(linesByCategory(items))}>
            {i18n._('A line for each category')}
          </Button>
        )}
        {lines.length > 0 && <Most set={set} />}
        {lines.length > 0 && (
          <Button disabled={!wanted} onClick={() => void draw()}>
            {isDrawn
              ? i18n._('Draw anew')
              : i18n._('Draw {wanted, plural, one {# question} other {# questions}}', { wanted })}
          </Button>
        )}
        <Text size="sm" c="dimmed">
          {lines.length
            ? i18n._(
                'Held questions stay; those of the last four weeks’ files come last, and no two that are nearly alike.',
              )
            : i18n._('Say how many questions of which category, tag and kind the set wants.')}
        </Text>
      </Group>
      {short.length > 0 && (
        <Text size="sm" role="status" c="var(--cowslip-ink)" mt={4}>
          {short.join(' ')}
        </Text>
      )}
    </Paper>
  );
}
