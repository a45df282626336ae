// Options to choose from, by their places from 0: one alone, or several.
import { Checkbox, Radio, Stack } from '@mantine/core';

export function Choices({
  texts,
  several,
  label,
  picked,
  isDisabled = false,
  onPick,
}: {
  texts: readonly string[];
  several: boolean;
  label?: string;
  picked: readonly number[];
  isDisabled?: boolean;
  onPick: (picked: number[]) => void;
}) {
  const Choice = several ? Checkbox : Radio;
  const choices = (
    <Stack gap={6} pt={label ? 6 : 0}>
      {texts.map((text, at) => (
        <Choice key={at} value={String(at)} label={text} disabled={isDisabled} />
      ))}
    </Stack>
  );
  return several ? (
    <Checkbox.Group
      label={label}
      value={picked.map(String)}
      onChange={(values) => onPick(values.map(Number))}
    >
      {choices}
    </Checkbox.Group>
  ) : (
    <Radio.Group
      label={label}
      value={picked.length ? String(picked[0]) : null}
      onChange={(value) => onPick([Number(value)])}
    >
      {choices}
    </Radio.Group>
  );
}
