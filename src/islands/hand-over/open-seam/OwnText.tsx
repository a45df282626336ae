// A text for one receiver, or for all that need a shorter one, with its length against the strictest of them.
import { Button, Group, Stack, Textarea } from '@mantine/core';
import { useState, type KeyboardEvent } from 'react';
import type { KeptLayout } from '../../../core/model';
import { lengthOf } from '../../../core/shared/lengths';
import { bankState } from '../../state/bank';
import { ownTextFor } from '../../state/hand-over';
import { placeOf } from './change-of';
import { mostFor } from './too-long';

function lengthWords(length: number, most: number | undefined): string {
  if (!most) {
    return String(length);
  }
  return `${length} of ${most}${length > most ? `, ${length - most} over` : ''}`;
}

/** The receivers in view for which a text is too long. */
const needing = (place: string, text: string): KeptLayout[] =>
  bankState().layouts.filter(({ chosen, layout: { limits } }) => {
    const most = mostFor(place, limits);
    return chosen && most !== undefined && lengthOf(text, limits.count) > most;
  });

type Props = {
  /** The question's. */
  id: string;
  /** The field as the change names it. */
  field: string;
  /** The text as the bank has it. */
  from: string;
  kept: KeptLayout;
  onClose?: () => void;
};

export function OwnText({ id, field, from, kept, onClose }: Props) {
  const { layout } = kept;
  const [text, setText] = useState(from);
  const place = placeOf(field);
  const most = mostFor(place, layout.limits);
  const length = lengthOf(text, layout.limits.count);
  const others = needing(place, from).filter((one) => one.id !== kept.id);
  const strictest = Math.min(
    ...[kept, ...others].map((one) => mostFor(place, one.layout.limits) ?? Infinity),
  );
  const write = (layouts: readonly KeptLayout[]): void => {
    ownTextFor(layouts, id, field, text.trim());
    onClose?.();
  };
  const press = (event: KeyboardEvent): void => {
    if (event.key === 'Escape') {
      onClose?.();
    }
    if (event.key === 'Enter' && !event.shiftKey) {
      event.preventDefault();
      event.stopPropagation();
      write([kept]);
    }
  };
  return (
    <Stack gap={5} mt={4} align="flex-start">
      <Textarea
        w="100%"
        aria-label={`Text for ${layout.name}`}
        autoFocus={onClose !== undefined}
        autosize
        minRows={3}
        value={text}
        onChange={(event) => setText(event.currentTarget.value)}
        onKeyDown={press}
      />
      <span className={`mono counter ${most && length > most ? 'over' : ''}`}>
        {lengthWords(length, most)}
        {others.length > 0 && strictest < (most ?? Infinity)
          ? `; the strictest takes ${strictest}`
          : ''}
      </span>
      <Group gap="xs">
        <Button size="xs" variant="filled" onClick={() => write([kept])}>
          Write this for {layout.name}
        </Button>
        {others.length > 0 && (
          <Button size="xs" onClick={() => write([kept, ...others])}>
            For all {others.length + 1} that need it
          </Button>
        )}
      </Group>
    </Stack>
  );
}
