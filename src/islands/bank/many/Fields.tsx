// What a change of many questions asks for besides its name.
import { Checkbox, Group, MultiSelect, SegmentedControl, Select, TextInput } from '@mantine/core';
import { TEXT_FIELDS, type TextField } from '../../../core/banks';
import { KINDS } from '../../../core/model';
import { KIND_NAMES } from '../../../core/shared/kind-names';
import type { Act, ManyForm } from './change-of';

type Props = { form: ManyForm; onChange: (change: Partial<ManyForm>) => void };

const FIRST: Partial<Record<Act, [label: string, placeholder: string]>> = {
  'add-tag': ['Tag', 'words, or level: beginner'],
  'remove-tag': ['Tag', 'words, or level: beginner'],
  'replace-tag': ['Tag', 'as it is now'],
  category: ['Category', 'Locks > Parts; nothing takes them out'],
  points: ['Points', 'nothing takes them away'],
  seconds: ['Seconds', 'nothing takes them away'],
  attempts: ['Attempts', 'nothing takes them away'],
  replace: ['Find', ''],
  pictures: ['Address now', 'https://old.example/'],
  references: ['Rule', '{category}-2026-{n:3}'],
};
const SECOND: Partial<Record<Act, string>> = {
  'replace-tag': 'Tag in its place',
  replace: 'Replace with',
  pictures: 'New address',
};

const FIELD_WORDS: Record<TextField, string> = {
  stem: 'questions',
  options: 'options',
  answers: 'answers, pairs and steps',
  explanation: 'explanations',
  hint: 'hints',
  title: 'titles',
  feedback: 'feedback',
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
        aria-label="What is found"
        data={[
          { value: 'words', label: 'whole words' },
          { value: 'text', label: 'any text' },
          { value: 'pattern', label: 'a pattern' },
        ]}
        value={form.how}
        onChange={(how) => onChange({ how })}
      />
      <Checkbox
        label="in this case alone"
        checked={form.matchCase}
        onChange={(event) => onChange({ matchCase: event.currentTarget.checked })}
      />
      <MultiSelect
        aria-label="In which texts"
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
          aria-label="Use"
          data={[
            { value: 'scored', label: 'scored' },
            { value: 'practice', label: 'practice' },
            { value: '', label: 'not said' },
          ]}
          value={form.use}
          onChange={(use) => onChange({ use })}
        />
      )}
      {form.act === 'kind' && (
        <Select
          label="Kind"
          data={KINDS.map((value) => ({ value, label: KIND_NAMES[value] }))}
          value={form.kind}
          allowDeselect={false}
          onChange={(kind) => onChange({ kind: kind ?? KINDS[0] })}
        />
      )}
    </>
  );
}
