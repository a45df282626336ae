// With a writing assistant: requests to copy, replies to paste, and what they lack. Nothing leaves the page by itself.
import { Button, Group, Paper, Stack, Text, Textarea } from '@mantine/core';
import { useState } from 'react';
import { FAULTS, reply, type Fault } from '../../stand-ins/assistant';
import { FindingNote } from '../parts/Finding';
import { LinkButton } from '../parts/LinkButton';
import { copyRequest, takeReply, useDrafting, type Sent } from '../state/drafting';
import { AskedFor } from './AskedFor';
import { SimulatedFaults } from './SimulatedFaults';
import { i18n } from '../../languages';

const STATES: Record<Sent['state'], string> = {
  'to send': i18n._('to send'),
  waiting: i18n._('waits for a reply'),
  compared: i18n._('compared'),
  done: i18n._('done'),
};

const FURTHER = [i18n._('Second'), i18n._('Third'), i18n._('Fourth'), i18n._('Fifth')];
/** A request for what the replies lacked: the nth after the first ones. */
const furtherName = (n: number): string =>
  i18n._('{further} request', { further: FURTHER[n - 1] ?? i18n._('Further') });

/** The first ones are counted; one for categories comes before them, one for what was missing behind them. */
function nameOf({ asked }: Sent, n: number, of: number): string {
  if (asked.isForCategories) {
    return i18n._('Request for categories');
  }
  return asked.again
    ? furtherName(n - of)
    : i18n._('Request {n, number} of {of, number}', { n, of });
}

/** What a request asks for, in a few words. */
function askedWords({ asked: { terms, count: wanted, category, isForCategories } }: Sent): string {
  if (isForCategories) {
    return i18n._('{wanted, plural, one {# category} other {# categories}}', { wanted });
  }
  const many = terms.length
    ? i18n._('{terms, plural, one {# word} other {# words}}', { terms: terms.length })
    : i18n._('{wanted, plural, one {# question} other {# questions}}', { wanted });
  return category ? i18n._('{many} of {category}', { many, category }) : many;
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
          {i18n._('Copy')}
        </Button>
      </Group>
      <LinkButton fz={13} aria-expanded={isOpen} onClick={() => setOpen(!isOpen)}>
        {isOpen ? i18n._('Hide its words') : i18n._('See its words')}
      </LinkButton>
      {isOpen && <pre className="request-words mono">{sent.text}</pre>}
      <Textarea
        aria-label={i18n._('Reply to {name}', { name: name.toLowerCase() })}
        placeholder={i18n._('Paste the reply here')}
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
          {i18n._('Simulated reply')}
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
          <summary>{i18n._('What was asked for')}</summary>
          <AskedFor />
        </details>
      ) : (
        <AskedFor />
      )}
    </Stack>
  );
}
