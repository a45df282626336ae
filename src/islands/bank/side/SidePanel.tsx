// The whole question at hand: read, edited, and seen as each receiver in view gets it.
import { Button, Group, Paper, Stack, Text, Title } from '@mantine/core';
import { useState } from 'react';
import { readabilityOf } from '../../../core/craft/readability';
import type { Finding, Item } from '../../../core/model';
import { defined } from '../../../core/shared/defined';
import { kindName } from '../../../core/shared/kind-names';
import { tagText } from '../../../core/shared/plain';
import { Answers } from '../../parts/Answers';
import { FindingNote } from '../../parts/Finding';
import { applyEdits } from '../../parts/edits';
import { LinkButton } from '../../parts/LinkButton';
import { hasKey, pickRight } from '../../parts/pick-right';
import { QuestionForm } from '../../parts/QuestionForm';
import { Rich } from '../../parts/Rich';
import { changeItems, itemById, switchCraft, useBank } from '../../state/bank';
import { askWhyNot, isCraft, ruleWords, showCraftChecks } from '../craft-checks';
import { takeMends } from '../Mends';
import { History } from './History';
import { canBeOrdered, OrderedAnswers } from './OrderedAnswers';
import { AddPicture, PanelPictures } from './PanelPictures';
import { Receiver } from './Receiver';
import { i18n } from '../../../languages';

const NONE: readonly Finding[] = [];

function factsOf({ kind, points, seconds, category }: Item): string {
  return [
    kindName(kind),
    points === undefined
      ? ''
      : i18n._('{points, plural, one {# point} other {# points}}', { points }),
    seconds ? `${seconds}\u00a0s` : '',
    category?.join(' > ') ?? '',
  ]
    .filter(Boolean)
    .join(' · ');
}

function originOf({ origin }: Item): string | undefined {
  if (!origin?.file) {
    return undefined;
  }
  const { file, sheet, row, by } = origin;
  return [file, sheet, row && i18n._('row {row}', { row }), by && i18n._('by {by}', { by })]
    .filter(Boolean)
    .join(', ');
}

/** How easy the stem is to read, in words. */
function easeOf({ stem }: Item): string | undefined {
  const found = readabilityOf(stem.plain);
  const grade =
    found?.grade === undefined
      ? ''
      : i18n._(', school year {grade, number} (Kincaid 1975)', { grade: found.grade });
  return (
    found &&
    i18n._('reading ease {ease, number} of 100 ({by}){grade}', {
      ease: found.ease,
      by: found.by,
      grade,
    })
  );
}

/** What stands beside the question itself. */
function Further({ item }: { item: Item }) {
  const origin = originOf(item);
  const ease = easeOf(item);
  return (
    <>
      {item.hint && (
        <p>
          <b>{i18n._('Hint')}</b> {item.hint.plain}
        </p>
      )}
      {item.explanation && (
        <p>
          <b>{i18n._('Explanation')}</b> {item.explanation.plain}
        </p>
      )}
      {item.tags && <Text c="dimmed">{item.tags.map(tagText).join(', ')}</Text>}
      {origin && (
        <Text c="dimmed" size="xs">
          {i18n._('from {origin}', { origin })}
        </Text>
      )}
      {ease && (
        <Text c="dimmed" size="xs">
          {ease}
        </Text>
      )}
    </>
  );
}

function Receivers({ id }: { id: string }) {
  const layouts = useBank((state) => state.layouts);
  const items = useBank((state) => state.items);
  const chosen = layouts.filter((kept) => kept.chosen);
  return chosen.length ? (
    <section>
      <Title order={3} mt={4}>
        {i18n._('In the receivers’ files')}
      </Title>
      {chosen.map((kept) => (
        <Receiver key={kept.id} kept={kept} id={id} version={items} />
      ))}
    </section>
  ) : null;
}

/** Notes of the craft can be done without: at this question with a reason, or one kind at a time. */
function CraftOff({ item, findings }: { item: Item; findings: readonly Finding[] }) {
  const rules = [...new Set(findings.map(({ rule }) => rule).filter(isCraft))];
  return rules.length ? (
    <Text size="xs" c="dimmed">
      {rules.map((rule) => (
        <span key={rule}>
          <LinkButton onClick={() => askWhyNot(rule, item)}>
            {i18n._('Not at this question: “{ruleWords}”', { ruleWords: ruleWords(rule) })}
          </LinkButton>{' '}
          <LinkButton onClick={() => void switchCraft(rule, false)}>
            {i18n._('Stop looking for “{ruleWords}”', { ruleWords: ruleWords(rule) })}
          </LinkButton>{' '}
        </span>
      ))}
      <LinkButton onClick={showCraftChecks}>{i18n._('All checks of the craft')}</LinkButton>
    </Text>
  ) : null;
}

function Read({ item, onEdit }: { item: Item; onEdit: () => void }) {
  const findings = useBank((state) => state.findings.get(item.id)) ?? NONE;
  const onPick = hasKey(item)
    ? (index: number) =>
        void changeItems(i18n._('Key of {ref}', { ref: item.ref }), [
          { ...item, ...pickRight(item, index) },
        ])
    : undefined;
  return (
    <>
      <Title order={2} fz={17} style={{ overflowWrap: 'anywhere' }} onDoubleClick={onEdit}>
        {item.stem.plain ? <Rich text={item.stem} /> : <em>{i18n._('no text yet')}</em>}
      </Title>
      <PanelPictures item={item} />
      {canBeOrdered(item) ? (
        <OrderedAnswers item={item} onPick={onPick} />
      ) : (
        <Answers item={item} stacked {...defined({ onPick })} />
      )}
      {findings.map((finding, index) => (
        <FindingNote key={index} finding={finding} onMend={(one) => void takeMends([one])} />
      ))}
      <CraftOff item={item} findings={findings} />
      <Further item={item} />
      <AddPicture id={item.id} />
      <Receivers id={item.id} />
      <History item={item} />
    </>
  );
}

function Question({ item }: { item: Item }) {
  const [isEditing, setEditing] = useState(false);
  return (
    <>
      <Group justify="space-between" align="flex-start" wrap="nowrap">
        <Text c="dimmed" size="sm">
          <span className="mono">{item.ref}</span> · {factsOf(item)}
        </Text>
        {!isEditing && (
          <Button size="xs" style={{ flex: 'none' }} onClick={() => setEditing(true)}>
            {i18n._('Edit')}
          </Button>
        )}
      </Group>
      {isEditing ? (
        <QuestionForm
          item={item}
          onKeep={(edits) => void applyEdits(i18n._('Edit {ref}', { ref: item.ref }), edits)}
          onDone={() => setEditing(false)}
        />
      ) : (
        <Read item={item} onEdit={() => setEditing(true)} />
      )}
    </>
  );
}

export function SidePanel({ id }: { id: string | undefined }) {
  // Another text of the same question is another drawing.
  useBank((state) => state.items);
  const item = id ? itemById(id) : undefined;
  return (
    <Paper
      component="aside"
      aria-label={item ? i18n._('Question {ref}', { ref: item.ref }) : i18n._('Question')}
      data-testid="side-panel"
      px="md"
      py="sm"
      tabIndex={-1}
      style={{ overflow: 'auto' }}
    >
      <Stack gap={9} fz={14}>
        {item ? (
          <Question key={item.id} item={item} />
        ) : (
          <Text c="dimmed">{i18n._('Choose a question to see it whole.')}</Text>
        )}
      </Stack>
    </Paper>
  );
}
