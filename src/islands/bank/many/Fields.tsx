// What a change of many questions asks for besides its name.
import { Checkbox, Group, MultiSelect, SegmentedControl, Select, TextInput } from '@mantine/core';
import { TEXT_FIELDS, type TextField } from '../../../core/banks';
import { KINDS } from '../../../core/model';
import { kindName } from '../../../core/shared/kind-names';
import type { Act, ManyForm } from './change-of';
import { i18n } from '../../../languages';

type Props = { form: ManyForm; onChange: (change: Partial<ManyForm>) => void };

const FIRST: Partial<Record<Act, [label: string, placeholder: string]>> = {
  'add-tag': [i18n._('Tag'), i18n._('words, or level: beginner')],
  'remove-tag': [i18n._('Tag'), i18n._('words, or level: beginner')],
  'replace-tag': [i18n._('Tag'), i18n._('as it is now')],
  category: [i18n._('Category'), i18n._('Locks > Parts; nothing takes them out')],
  points: [i18n._('Points'), i18n._('nothing takes them away')],
  seconds: [i18n._('Seconds'), i18n._('nothing takes them away')],
  attempts: [i18n._('Attempts'), i18n._('nothing takes them away')],
  replace: [i18n._('Find'), ''],
  pictures: [i18n._('Address now'), 'https://old.example/'],
  references: [i18n._('Rule'), '{category}-2026-{n:3}'],
};
const SECOND: Partial<Record<Act, string>> = {
  'replace-tag': i18n._('Tag in its place'),
  replace: i18n._('Replace with'),
  pictures: i18n._('New address'),
};

const FIELD_WORDS: Record<TextField, string> = {
  stem: i18n._('questions'),
  options: i18n._('options'),
  answers: i18n._('answers, pairs and steps'),
  explanation: i18n._('explanations'),
  hint: i18n._('hints'),
  title: i18n._('titles'),
  feedback: i18n._('feedback'),
};

function Texts({ form, onChange }: Props) {
  const first = FIRST[form.act];
  const second = SECOND[form.act];
  return (
    <Group grow align="flex-start">
      {first && (
        <TextInput
          label={first[0]}
          placeholder={first[1]}
          value={form.text}
          spellCheck={false}
          onChange={(event) => onChange({ text: event.currentTarget.value })}
        />
      )}
      {second !== undefined && (
        <TextInput
          label={second}
          value={form.by}
          spellCheck={false}
          onChange={(event) => onChange({ by: event.currentTarget.value })}
        />
      )}
    </Group>
  );
}

function Finding({ form, onChange }: Props) {
  return (
    <Group>
      <SegmentedControl
        aria-label={i18n._('What is found')}
        data={[
          { value: 'words', label: i18n._('whole words') },
          { value: 'text', label: i18n._('any text') },
          { value: 'pattern', label: i18n._('a pattern') },
        ]}
        value={form.how}
        onChange={(how) => onChange({ how })}
      />
      <Checkbox
        label={i18n._('in this case alone')}
        checked={form.matchCase}
        onChange={(event) => onChange({ matchCase: event.currentTarget.checked })}
      />
      <MultiSelect
        aria-label={i18n._('In which texts')}
        flex={1}
        miw={220}
        data={TEXT_FIELDS.map((value) => ({ value, label: FIELD_WORDS[value] }))}
        value={form.fields}
        onChange={(fields) => onChange({ fields })}
      />
    </Group>
  );
}

export function Fields({ form, onChange }: Props) {
  return (
    <>
      <Texts form={form} onChange={onChange} />
      {form.act === 'replace' && <Finding form={form} onChange={onChange} />}
      {form.act === 'use' && (
        <SegmentedControl
          aria-label={i18n._('Use')}
          data={[
            { value: 'scored', label: i18n._('scored') },
            { value: 'practice', label: i18n._('practice') },
            { value: '', label: i18n._('not said') },
          ]}
          value={form.use}
          onChange={(use) => onChange({ use })}
        />
      )}
      {form.act === 'kind' && (
        <Select
          label={i18n._('Kind')}
          data={KINDS.map((value) => ({ value, label: kindName(value) }))}
          value={form.kind}
          allowDeselect={false}
          onChange={(kind) => onChange({ kind: kind ?? KINDS[0] })}
        />
      )}
    </>
  );
}
