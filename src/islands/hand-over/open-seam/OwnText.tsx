// A text for one receiver alone, with its length against what that receiver takes.
import { Button, Stack, Textarea } from '@mantine/core';
import { useState, type KeyboardEvent } from 'react';
import type { Change, Layout } from '../../../core/model';
import { lengthOf } from '../../../core/shared/lengths';
import { fieldOf } from './change-of';

type Limits = Layout['limits'];

/** How long a field may be; undefined where the receiver says nothing of it. */
function mostFor(field: string, limits: Limits): number | undefined {
  if (field === 'stem' || field === 'hint' || field === 'title') {
    return limits[field];
  }
  return field === 'explanation' || field.endsWith('.feedback')
    ? limits.explanation
    : limits.option;
}

function lengthWords(length: number, most: number | undefined): string {
  if (!most) {
    return String(length);
  }
  return `${length} of ${most}${length > most ? `, ${length - most} over` : ''}`;
}

export function OwnText({
  change,
  layout,
  onKeep,
  onCancel,
}: {
  change: Change;
  layout: Layout;
  onKeep: (text: string) => void;
  onCancel: () => void;
}) {
  const [text, setText] = useState(change.from);
  const most = mostFor(fieldOf(change), layout.limits);
  const length = lengthOf(text, layout.limits.count);
  const keep = (): void => onKeep(text.trim());
  const press = (event: KeyboardEvent): void => {
    if (event.key === 'Escape') {
      onCancel();
    }
    if (event.key === 'Enter' && !event.shiftKey) {
      event.preventDefault();
      event.stopPropagation();
      keep();
    }
  };
  return (
    <Stack gap={5} mt={4} align="flex-start">
      <Textarea
        w="100%"
        aria-label={`Text for ${layout.name}`}
        autoFocus
        autosize
        minRows={3}
        value={text}
        onChange={(event) => setText(event.currentTarget.value)}
        onKeyDown={press}
      />
      <span className={`mono counter ${most && length > most ? 'over' : ''}`}>
        {lengthWords(length, most)}
      </span>
      <Button size="xs" variant="filled" onClick={keep}>
        Write this for {layout.name}
      </Button>
    </Stack>
  );
}
