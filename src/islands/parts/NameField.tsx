// A name that can be typed over in its place, and is seen to be a field.
import { TextInput, type TextInputProps } from '@mantine/core';
import { useEffect, useState } from 'react';

const LEAST_SIGNS = 14;
const MOST_SIGNS = 44;
const SIGN_WIDTH = 0.62;

/** As wide as its text. */
export function NameField({ sizer, ...rest }: TextInputProps & { sizer: string }) {
  const signs = Math.min(MOST_SIGNS, Math.max(LEAST_SIGNS, sizer.length + 2));
  return (
    <TextInput
      variant="default"
      w={`${signs * SIGN_WIDTH}em`}
      maw="100%"
      fz={20}
      styles={{ input: { fontSize: 18, fontWeight: 700, paddingInline: 8 } }}
      spellCheck={false}
      {...rest}
    />
  );
}

/** A name that is taken over when it is left or Enter is pressed; an empty one puts the old one back. */
export function CommitName({
  label,
  value,
  onCommit,
}: {
  label: string;
  value: string;
  onCommit: (name: string) => void;
}) {
  const [text, setText] = useState(value);
  useEffect(() => setText(value), [value]);
  const commit = (): void => {
    const name = text.trim();
    if (name && name !== value) {
      onCommit(name);
    } else {
      setText(value);
    }
  };
  return (
    <NameField
      aria-label={label}
      sizer={text}
      value={text}
      onChange={(event) => setText(event.currentTarget.value)}
      onBlur={commit}
      onKeyDown={(event) => event.key === 'Enter' && commit()}
    />
  );
}
