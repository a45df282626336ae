// With a writing assistant: requests to copy, replies to paste, and what they lack. Nothing leaves the page by itself.
import { Button, Group, Paper, Stack, Text, Textarea } from '@mantine/core';
import { useState } from 'react';
import { count } from '../../core/shared/plain';
import { FAULTS, reply, type Fault } from '../../stand-ins/assistant';
import { FindingNote } from '../parts/Finding';
import { LinkButton } from '../parts/LinkButton';
import { copyRequest, takeReply, useDrafting, type Sent } from '../state/drafting';
import { AskedFor } from './AskedFor';
import { SimulatedFaults } from './SimulatedFaults';

const STATES: Record<Sent['state'], string> = {
  'to send': 'to send',
  waiting: 'waits for a reply',
  compared: 'compared',
  done: 'done',
};

const FURTHER = ['Second', 'Third', 'Fourth', 'Fifth'];
/** A request for what the replies lacked: the nth after the first ones. */
const furtherName = (n: number): string => `${FURTHER[n - 1] ?? 'Further'} request`;

/** The first ones are counted; one for categories comes before them, one for what was missing behind them. */
function nameOf({ asked }: Sent, n: number, of: number): string {
  if (asked.isForCategories) {
    return 'Request for categories';
  }
  return asked.again ? furtherName(n - of) : `Request ${n} of ${of}`;
}

/** What a request asks for, in a few words. */
function askedWords({ asked: { terms, count: wanted, category, isForCategories } }: Sent): string {
  if (isForCategories) {
    return count(wanted, 'category', 'categories');
  }
  const many = terms.length ? count(terms.length, 'word') : count(wanted, 'question');
  return category ? `${many} of ${category}` : many;
}

function Request({ sent, n, of }: { sent: Sent; n: number; of: number }) {
  const [isOpen, setOpen] = useState(false);
  const [faults, setFaults] = useState<readonly Fault[]>([]);
  const simulate = (): void =>
    void takeReply(sent.id, reply(sent.text, { seed: n, faults: [...faults] }));
  const name = nameOf(sent, n, of);
  return (
    <Paper component="section" aria-label={name} withBorder p="xs">
      <Group gap="xs" justify="space-between" wrap="nowrap" align="flex-start">
        <Text fw={600}>
          {name}
          <Text span c="dimmed" size="sm">
            {' '}
            {askedWords(sent)}, {STATES[sent.state]}
          </Text>
        </Text>
        <Button style={{ flex: 'none' }} onClick={() => void copyRequest(sent.id)}>
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
      {sent.findings?.map((finding) => (
        <FindingNote key={finding.message} finding={finding} />
      ))}
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
  const forCategories = sent.filter(({ asked }) => asked.isForCategories).length;
  const first = sent.filter(({ asked }) => !asked.again).length - forCategories;
  return (
    <Stack gap="sm">
      {sent.map((one, index) => (
        <Request key={one.id} sent={one} n={index + 1 - forCategories} of={first} />
      ))}
      {sent.length > 0 ? (
        <details>
          <summary>What was asked for</summary>
          <AskedFor />
        </details>
      ) : (
        <AskedFor />
      )}
    </Stack>
  );
}
