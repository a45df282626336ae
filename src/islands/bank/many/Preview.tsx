// What a change of many questions will change, question by question.
import { Mark, Stack, Text } from '@mantine/core';
import { diffWords } from 'diff';
import type { FieldChange, Item, Tag } from '../../../core/model';
import { quoted, tagText } from '../../../core/shared/plain';
import { i18n } from '../../../languages';

export type Seen = { before: Item; changes: readonly FieldChange[] };

/** So much of a field is shown. */
const LONGEST = 160;

const isTag = (value: unknown): value is Tag =>
  typeof value === 'object' && value !== null && 'value' in value;

/** A field's value as text. */
function words(value: unknown): string {
  if (value === undefined) {
    return '';
  }
  if (Array.isArray(value)) {
    return value.map(words).join(' | ');
  }
  if (isTag(value)) {
    return tagText(value);
  }
  if (typeof value === 'object' && value !== null) {
    const { plain, text, href } = value as Record<string, unknown>;
    return words(plain ?? text ?? href ?? '');
  }
  return typeof value === 'string' ? value : JSON.stringify(value);
}

function Change({ change: { path, before, after } }: { change: FieldChange }) {
  const parts = diffWords(words(before).slice(0, LONGEST), words(after).slice(0, LONGEST));
  return (
    <Text size="sm">
      <Text span c="dimmed">
        {path}:{' '}
      </Text>
      {parts.map(({ value, added, removed }, index) => {
        if (added) {
          return <Mark key={index}>{value}</Mark>;
        }
        return removed ? <del key={index}>{value}</del> : <span key={index}>{value}</span>;
      })}
    </Text>
  );
}

export function Preview({ seen, many, of }: { seen: readonly Seen[]; many: number; of: number }) {
  return (
    <Stack gap={4}>
      <Text size="sm" role="status">
        {many
          ? i18n._(
              '{many, number} of {of, plural, one {# question} other {# questions}} will change.',
              { many, of },
            )
          : i18n._('Nothing would change yet.')}
      </Text>
      <Stack
        component="ul"
        gap={6}
        p={0}
        m={0}
        className="many-seen"
        aria-label={i18n._('What will change')}
        // A list that scrolls is reached by keys, too.
        tabIndex={0}
      >
        {seen.map(({ before, changes }) => (
          <li key={before.id}>
            <Text size="xs" c="dimmed">
              {before.ref} {quoted(before.stem.plain)}
            </Text>
            {changes.map((change) => (
              <Change key={change.path} change={change} />
            ))}
          </li>
        ))}
      </Stack>
      {many > seen.length && (
        <Text size="sm" c="dimmed">
          {i18n._('and {many, plural, one {# more question} other {# more questions}}', {
            many: many - seen.length,
          })}
        </Text>
      )}
    </Stack>
  );
}
