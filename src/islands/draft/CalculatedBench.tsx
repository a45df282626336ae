// Calculated: a text with quantities in it, what each may be, a formula, and the slips that wrong options come from.
import { Group, NumberInput, Select, Stack, Text, Textarea, TextInput } from '@mantine/core';
import { freshSeed } from '../parts/fresh-seed';
import { LinkButton } from '../parts/LinkButton';
import { setDrafting, useDrafting, type TemplateWish } from '../state/drafting';
import { Quantities } from './Quantities';
import { i18n } from '../../languages';

type To = (change: Partial<TemplateWish>) => void;

function Result({ template, to }: { template: TemplateWish; to: To }) {
  return (
    <>
      <Group gap="xs" align="flex-start" wrap="nowrap">
        <TextInput
          label={i18n._('Formula')}
          className="mono-input"
          style={{ flex: 1 }}
          value={template.formula}
          onChange={(event) => to({ formula: event.currentTarget.value })}
        />
        <TextInput
          label={i18n._('Unit of the result')}
          w={110}
          value={template.unit}
          onChange={(event) => to({ unit: event.currentTarget.value })}
        />
      </Group>
      <Group gap="xs" grow align="flex-end">
        <Select
          label={i18n._('Rounded to')}
          allowDeselect={false}
          value={template.figures}
          data={[
            { value: 'significant', label: i18n._('significant figures') },
            { value: 'decimals', label: i18n._('decimals') },
            { value: 'exact', label: i18n._('as it is') },
          ]}
          onChange={(value) => to({ figures: value as TemplateWish['figures'] })}
        />
        <NumberInput
          label={i18n._('Figures')}
          disabled={template.figures === 'exact'}
          min={template.figures === 'decimals' ? 0 : 1}
          max={12}
          allowDecimal={false}
          value={template.digits}
          onChange={(value) => to({ digits: Number(value) || 0 })}
        />
      </Group>
      <TextInput
        label={i18n._('Conditions')}
        description={i18n._('Each drawing meets them; with ; between: width < length; rise >= 1')}
        className="mono-input"
        value={template.conditions}
        onChange={(event) => to({ conditions: event.currentTarget.value })}
      />
    </>
  );
}

function Answer({ template, to }: { template: TemplateWish; to: To }) {
  const isChoice = template.kind === 'choice-one';
  return (
    <>
      <Group gap="xs" grow align="flex-end">
        <Select
          label={i18n._('Answered by')}
          allowDeselect={false}
          value={template.kind}
          data={[
            { value: 'choice-one', label: i18n._('one right option') },
            { value: 'number', label: i18n._('a typed number') },
          ]}
          onChange={(value) => to({ kind: value as TemplateWish['kind'] })}
        />
        {isChoice ? (
          <NumberInput
            label={i18n._('Options')}
            min={2}
            max={10}
            allowDecimal={false}
            value={template.options}
            onChange={(value) => to({ options: Number(value) || 4 })}
          />
        ) : (
          <TextInput
            label={i18n._('Tolerance')}
            placeholder={i18n._('0.5 or 2 %')}
            value={template.tolerance}
            onChange={(event) => to({ tolerance: event.currentTarget.value })}
          />
        )}
      </Group>
      {isChoice && (
        <Textarea
          label={i18n._('Slips that wrong options come from')}
          description={i18n._(
            'The usual ones for this formula where empty; your own as words: formula, one a line.',
          )}
          className="mono-input"
          autosize
          minRows={1}
          maxRows={6}
          value={template.slips}
          onChange={(event) => to({ slips: event.currentTarget.value })}
        />
      )}
    </>
  );
}

export function CalculatedBench() {
  const { template } = useDrafting();
  const to: To = (change) => setDrafting({ template: { ...template, ...change } });
  return (
    <Stack gap="xs">
      <Textarea
        label={i18n._('Text of the question')}
        description={i18n._("'{name}' stands where the value of a quantity comes.")}
        autosize
        minRows={2}
        value={template.stem}
        onChange={(event) => to({ stem: event.currentTarget.value })}
      />
      <Quantities quantities={template.quantities} onChange={(quantities) => to({ quantities })} />
      <Result template={template} to={to} />
      <Answer template={template} to={to} />
      <Group gap="xs" grow align="flex-end">
        <TextInput
          label={i18n._('Reference')}
          placeholder={i18n._('LOCK-7')}
          value={template.ref}
          onChange={(event) => to({ ref: event.currentTarget.value })}
        />
        <TextInput
          label={i18n._('Category')}
          value={template.category}
          onChange={(event) => to({ category: event.currentTarget.value })}
        />
        <TextInput
          label={i18n._('Tags')}
          placeholder={i18n._('level: deep')}
          value={template.tags}
          onChange={(event) => to({ tags: event.currentTarget.value })}
        />
        <NumberInput
          label={i18n._('Variants')}
          min={1}
          max={5000}
          allowDecimal={false}
          value={template.count}
          onChange={(value) => to({ count: Number(value) || 1 })}
        />
      </Group>
      <Group gap="sm">
        <LinkButton onClick={() => to({ seed: freshSeed() })}>
          {i18n._('Another drawing by chance')}
        </LinkButton>
        <Text size="sm" c="dimmed">
          {i18n._('seed')} <span className="mono">{template.seed}</span>
        </Text>
      </Group>
    </Stack>
  );
}
