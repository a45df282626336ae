// The sections of a set with their questions: put in order by dragging or by keys, drawn from where they are pools.
import { closestCenter, DndContext, type DragEndEvent } from '@dnd-kit/core';
import { SortableContext, verticalListSortingStrategy } from '@dnd-kit/sortable';
import { Button, Group, NumberInput, Paper, Stack, Text } from '@mantine/core';
import type { QuestionSet, SetSection } from '../../core/model';
import { CommitText } from '../parts/Commit';
import { LinkButton } from '../parts/LinkButton';
import { useSortSensors } from '../parts/Sortable';
import { addSection, changeSection, moveInSet, removeSection } from '../state/sets';
import { SetQuestion } from './SetQuestion';
import { i18n } from '../../languages';

function SectionHead({ set, section, at }: { set: QuestionSet; section: SetSection; at: number }) {
  const many = section.items.length;
  return (
    <Group gap="xs" mb={4}>
      <CommitText
        aria-label={i18n._('Title of section {at}', { at: at + 1 })}
        placeholder={i18n._('Section {at}', { at: at + 1 })}
        size="sm"
        w={200}
        value={section.title ?? ''}
        onCommit={(text) => changeSection(set.id, at, { title: text || undefined })}
      />
      <Group gap={6}>
        <Text size="sm">{i18n._('draw')}</Text>
        <NumberInput
          aria-label={i18n._('Questions drawn from section {at} at each attempt', { at: at + 1 })}
          placeholder={i18n._('all')}
          w={64}
          hideControls
          min={1}
          max={Math.max(1, many)}
          allowDecimal={false}
          allowNegative={false}
          value={section.draw ?? ''}
          onChange={(value) =>
            changeSection(set.id, at, { draw: Number(value) > 0 ? Number(value) : undefined })
          }
        />
        <Text size="sm">
          {i18n._('of {many, plural, one {# question} other {# questions}}', { many })}
        </Text>
      </Group>
      {set.sections.length > 1 && (
        <LinkButton onClick={() => removeSection(set.id, at)}>
          {i18n._('Join with its neighbour')}
        </LinkButton>
      )}
    </Group>
  );
}

function Section({ set, section, at }: { set: QuestionSet; section: SetSection; at: number }) {
  return (
    <Paper
      component="section"
      aria-label={section.title ?? i18n._('Section {at}', { at: at + 1 })}
      p="xs"
    >
      <SectionHead set={set} section={section} at={at} />
      <SortableContext items={section.items} strategy={verticalListSortingStrategy}>
        <ol className="set-questions">
          {section.items.map((id, place) => (
            <SetQuestion key={id} set={set} id={id} spot={{ section: at, place }} />
          ))}
        </ol>
      </SortableContext>
      {!section.items.length && (
        <Text size="sm" c="dimmed">
          {i18n._('No question yet.')}
        </Text>
      )}
    </Paper>
  );
}

/** Where a question is, by its id. */
function spotOf(
  { sections }: QuestionSet,
  id: string,
): { section: number; place: number } | undefined {
  const section = sections.findIndex(({ items }) => items.includes(id));
  return section < 0 ? undefined : { section, place: sections[section]!.items.indexOf(id) };
}

export function Sections({ set }: { set: QuestionSet }) {
  const sensors = useSortSensors();
  const drop = ({ active, over }: DragEndEvent): void => {
    const to = over && spotOf(set, String(over.id));
    if (to && over.id !== active.id) {
      moveInSet(set.id, String(active.id), to);
    }
  };
  return (
    <Stack gap="xs" className="set-sections">
      <DndContext sensors={sensors} collisionDetection={closestCenter} onDragEnd={drop}>
        {set.sections.map((section, at) => (
          <Section key={at} set={set} section={section} at={at} />
        ))}
      </DndContext>
      <Group>
        <Button onClick={() => addSection(set.id)}>{i18n._('New section')}</Button>
      </Group>
    </Stack>
  );
}
