// Fields that are taken over when they are left or Enter is pressed, so that one edit is one step.
import { Checkbox, Select, TextInput, type TextInputProps } from '@mantine/core';
import { useEffect, useState, type KeyboardEvent } from 'react';

type CommitTextProps = Omit<TextInputProps, 'value' | 'onChange' | 'defaultValue'> & {
  value: string;
  /** Hears the trimmed text where it is another than before; false where it can't be taken, which puts the old one back. */
  onCommit: (text: string) => boolean | void;
  mono?: boolean;
};

export function CommitText({ value, onCommit, mono = false, ...rest }: CommitTextProps) {
  const [text, setText] = useState(value);
  useEffect(() => setText(value), [value]);
  const commit = (): void => {
    const next = text.trim();
    if (next === value || onCommit(next) === false) {
      setText(value);
    }
  };
  const press = (event: KeyboardEvent<HTMLInputElement>): void => {
    if (event.key === 'Enter' && !event.ctrlKey && !event.metaKey) {
      commit();
    }
    if (event.key === 'Escape') {
      setText(value);
    }
  };
  return (
    <TextInput
      size="xs"
      spellCheck={false}
      {...rest}
      {...(mono ? { ff: 'monospace' } : {})}
      value={text}
      onChange={(event) => setText(event.currentTarget.value)}
      onBlur={commit}
      onKeyDown={press}
    />
  );
}

/** A whole number above 0, or none where the field is empty. */
export function CommitNumber({
  value,
  onCommit,
  ...rest
}: Omit<CommitTextProps, 'value' | 'onCommit'> & {
  value: number | undefined;
  onCommit: (value: number | undefined) => void;
}) {
  return (
    <CommitText
      mono
      inputMode="numeric"
      {...rest}
      value={String(value ?? '')}
      onCommit={(text) => {
        if (text && !/^[1-9]\d*$/.test(text)) {
          return false;
        }
        onCommit(text ? Number(text) : undefined);
        return true;
      }}
    />
  );
}

export type Choices<Value extends string> = readonly (readonly [Value, string])[];

/** One of a few words. */
export function Pick<Value extends string>({
  label,
  value,
  choices,
  onPick,
  isLabelHidden = false,
  isSearchable = false,
  w,
}: {
  label: string;
  value: Value;
  choices: Choices<Value>;
  onPick: (value: Value) => void;
  isLabelHidden?: boolean;
  isSearchable?: boolean;
  w?: number | string;
}) {
  return (
    <Select
      {...(isLabelHidden ? { 'aria-label': label } : { label })}
      size="xs"
      {...(w === undefined ? {} : { w })}
      value={value}
      searchable={isSearchable}
      data={choices.map(([choice, words]) => ({ value: choice, label: words }))}
      onChange={(next) => next !== null && onPick(next)}
    />
  );
}

/** A tick with its words behind it. */
export function Tick({
  label,
  isOn,
  onTick,
}: {
  label: string;
  isOn: boolean;
  onTick: (isOn: boolean) => void;
}) {
  return (
    <Checkbox
      label={label}
      checked={isOn}
      onChange={(event) => onTick(event.currentTarget.checked)}
    />
  );
}
