// A name and its field in one line, as tight as a form that is read more often than it is filled.
import { Group, Text } from '@mantine/core';
import type { ReactNode } from 'react';
import { CommitNumber, CommitText, Pick, type Choices } from './Commit';
import { i18n } from '../../languages';

const FIELD_WIDTH = 150;
const NUMBER_WIDTH = 84;

/** `why` is the reason of what stands there, below it. */
export function FieldRow({
  label,
  why,
  children,
}: {
  label: string;
  why?: string | undefined;
  children: ReactNode;
}) {
  return (
    <div>
      <Group justify="space-between" wrap="nowrap" gap="xs" mih={28}>
        <span aria-hidden>{label}</span>
        {children}
      </Group>
      {why && <Because why={why} />}
    </div>
  );
}

export const Because = ({ why }: { why: string }) => (
  <Text size="xs" c="dimmed">
    {i18n._('because {why}', { why })}
  </Text>
);

export function TextRow({
  label,
  why,
  value,
  placeholder,
  width = FIELD_WIDTH,
  onCommit,
}: {
  label: string;
  why?: string | undefined;
  value: string;
  placeholder?: string;
  width?: number;
  onCommit: (text: string) => boolean | void;
}) {
  return (
    <FieldRow label={label} why={why}>
      <CommitText
        mono
        aria-label={label}
        w={width}
        value={value}
        placeholder={placeholder}
        onCommit={onCommit}
      />
    </FieldRow>
  );
}

export function NumberRow({
  label,
  why,
  value,
  onCommit,
}: {
  label: string;
  why?: string | undefined;
  value: number | undefined;
  onCommit: (value: number | undefined) => void;
}) {
  return (
    <FieldRow label={label} why={why}>
      <CommitNumber
        aria-label={label}
        w={NUMBER_WIDTH}
        placeholder={i18n._('no limit')}
        value={value}
        onCommit={onCommit}
      />
    </FieldRow>
  );
}

export function PickRow<Value extends string>({
  label,
  why,
  ...rest
}: {
  label: string;
  why?: string | undefined;
  value: Value;
  choices: Choices<Value>;
  onPick: (value: Value) => void;
}) {
  return (
    <FieldRow label={label} why={why}>
      <Pick label={label} isLabelHidden w={FIELD_WIDTH} {...rest} />
    </FieldRow>
  );
}
