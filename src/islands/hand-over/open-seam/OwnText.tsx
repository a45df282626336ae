// A text for one receiver, or for all that need a shorter one, with its length against the strictest of them.
import { Button, Group, Stack, Textarea } from '@mantine/core';
import { useState, type KeyboardEvent } from 'react';
import type { KeptLayout } from '../../../core/model';
import { lengthOf } from '../../../core/shared/lengths';
import { bankState } from '../../state/bank';
import { ownTextFor } from '../../state/hand-over';
import { placeOf } from './change-of';
import { mostFor } from './too-long';
import { i18n } from '../../../languages';

function lengthWords(length: number, most: number | undefined): string {
  if (!most) {
    return String(length);
  }
  return i18n._(
    '{length, number} of {most, number}{isLength, select, true {, {length2, number} over} other {}}',
    { length, most, isLength: length > most, length2: length - most },
  );
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
        aria-label={i18n._('Text for {name}', { name: layout.name })}
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
          ? i18n._('; the strictest takes {strictest, number}', { strictest })
          : ''}
      </span>
      <Group gap="xs">
        <Button size="xs" variant="filled" onClick={() => write([kept])}>
          {i18n._('Write this for {name}', { name: layout.name })}
        </Button>
        {others.length > 0 && (
          <Button size="xs" onClick={() => write([kept, ...others])}>
            {i18n._('For all {others, number} that need it', { others: others.length + 1 })}
          </Button>
        )}
      </Group>
    </Stack>
  );
}
