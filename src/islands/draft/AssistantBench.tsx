// With a writing assistant: requests to copy, replies to paste, and what they lack. Nothing leaves the page by itself.
import {
  Button,
  Group,
  NumberInput,
  Paper,
  Select,
  Stack,
  Text,
  Textarea,
  TextInput,
} from '@mantine/core';
import { useState } from 'react';
import { count } from '../../core/shared/plain';
import { FAULTS, reply, type Fault } from '../../stand-ins/assistant';
import { LinkButton } from '../parts/LinkButton';
import { useBank } from '../state/bank';
import {
  copyRequest,
  setDrafting,
  takeReply,
  useDrafting,
  type AskWish,
  type Sent,
} from '../state/drafting';
import { SimulatedFaults } from './SimulatedFaults';

const KINDS: { value: AskWish['kind']; label: string }[] = [
  { value: 'choice-one', label: 'one right option' },
  { value: 'true-false', label: 'true / false' },
  { value: 'short', label: 'short answer' },
  { value: 'card', label: 'cards' },
];

function ReceiversNote() {
  const layouts = useBank((state) => state.layouts);
  const chosen = layouts.filter((one) => one.chosen);
  return (
    <Text size="sm" c="dimmed">
      {chosen.length
        ? `Columns, key and the strictest lengths come from ${chosen.map(({ layout }) => layout.name).join(', ')}.`
        : 'No receiver is in view, so the reply has columns of its own.'}
    </Text>
  );
}

function Wish() {
  const { ask } = useDrafting();
  const to = (change: Partial<AskWish>): void => setDrafting({ ask: { ...ask, ...change } });
  const field = (
    name: 'topic' | 'terms' | 'text' | 'categories' | 'level' | 'language' | 'avoid',
  ) => ({
    value: ask[name],
    onChange: (event: { currentTarget: { value: string } }) =>
      to({ [name]: event.currentTarget.value }),
  });
  return (
    <Stack gap="xs">
      <TextInput label="Topic" placeholder="canal locks" {...field('topic')} />
      <Textarea
        label="Words"
        description="One a line: a question is asked for with each, fifteen in a request."
        autosize
        minRows={3}
        maxRows={8}
        {...field('terms')}
      />
      <Textarea label="Nothing but this text" autosize minRows={2} maxRows={8} {...field('text')} />
      <Group gap="xs" grow align="flex-end">
        <Select
          label="Kind"
          allowDeselect={false}
          value={ask.kind}
          data={KINDS}
          onChange={(value) => to({ kind: value as AskWish['kind'] })}
        />
        <NumberInput
          label="How many"
          placeholder={ask.terms.trim() ? 'one a word' : '10'}
          min={1}
          max={1000}
          allowDecimal={false}
          value={ask.count}
          onChange={(value) => to({ count: value === '' ? '' : Number(value) })}
        />
        <NumberInput
          label="Options"
          disabled={ask.kind !== 'choice-one'}
          min={2}
          max={10}
          allowDecimal={false}
          value={ask.options}
          onChange={(value) => to({ options: Number(value) || 4 })}
        />
      </Group>
      <TextInput
        label="Categories"
        description="With ; between: so many are asked for of each."
        {...field('categories')}
      />
      <Group gap="xs" grow>
        <TextInput label="Level" {...field('level')} />
        <TextInput label="Language" {...field('language')} />
        <TextInput label="Avoid" {...field('avoid')} />
      </Group>
      <ReceiversNote />
    </Stack>
  );
}

const STATES: Record<Sent['state'], string> = {
  'to send': 'to send',
  waiting: 'waits for a reply',
  compared: 'compared',
};

const FURTHER = ['Second', 'Third', 'Fourth', 'Fifth'];
/** A request for what the replies lacked: the nth after the first ones. */
const furtherName = (n: number): string => `${FURTHER[n - 1] ?? 'Further'} request`;

function Request({ sent, n, of }: { sent: Sent; n: number; of: number }) {
  const [isOpen, setOpen] = useState(false);
  const [faults, setFaults] = useState<readonly Fault[]>([]);
  const simulate = (): void =>
    void takeReply(sent.id, reply(sent.text, { seed: n, faults: [...faults] }));
  const name = sent.asked.again ? furtherName(n - of) : `Request ${n} of ${of}`;
  return (
    <Paper component="section" aria-label={name} withBorder p="xs">
      <Group gap="xs" justify="space-between">
        <Text fw={600}>
          {name}
          <Text span c="dimmed" size="sm">
            {' '}
            {sent.asked.terms.length
              ? count(sent.asked.terms.length, 'word')
              : count(sent.asked.count, 'question')}
            , {STATES[sent.state]}
          </Text>
        </Text>
        <Button
          variant={sent.state === 'to send' ? 'filled' : 'default'}
          onClick={() => void copyRequest(sent.id)}
        >
          Copy
        </Button>
      </Group>
      <LinkButton fz={13} aria-expanded={isOpen} onClick={() => setOpen(!isOpen)}>
        {isOpen ? 'Hide its words' : 'See its words'}
      </LinkButton>
      {isOpen && <pre className="request-words mono">{sent.text}</pre>}
      <Textarea
        aria-label={`Reply to ${name.toLowerCase()}`}
        placeholder="Paste the reply here"
        autosize
        minRows={2}
        maxRows={6}
        value={sent.reply}
        onChange={(event) => void takeReply(sent.id, event.currentTarget.value)}
      />
      <Group gap="xs" mt={4}>
        <LinkButton fz={13} onClick={simulate}>
          Simulated reply
        </LinkButton>
        <SimulatedFaults faults={faults} all={FAULTS} onChange={setFaults} />
      </Group>
    </Paper>
  );
}

export function AssistantBench() {
  const { sent } = useDrafting();
  const first = sent.filter(({ asked }) => !asked.again).length;
  return (
    <Stack gap="sm">
      {sent.map((one, index) => (
        <Request key={one.id} sent={one} n={index + 1} of={first} />
      ))}
      {sent.length > 0 ? (
        <details>
          <summary>What was asked for</summary>
          <Wish />
        </details>
      ) : (
        <Wish />
      )}
    </Stack>
  );
}
