// The checks of the craft of this bank: each with what it looks for and where that is published, switched off and on.
import { Button, Group, Stack, Switch, Text, TextInput, Title } from '@mantine/core';
import { modals } from '@mantine/modals';
import { useState } from 'react';
import { craftChecks, namesOff, type CraftException } from '../../core/craft';
import type { Item } from '../../core/model';
import { quoted } from '../../core/shared/plain';
import { say } from '../../core/shared/say';
import { LinkButton } from '../parts/LinkButton';
import { itemById, switchCraft, useBank } from '../state/bank';
import { i18n } from '../../languages';

const IDS = new Set(craftChecks.map(({ id }) => id));
/** Whether a finding is a note of the craft, which a bank may do without. */
export const isCraft = (rule: string): boolean => IDS.has(rule);

/** A check by the words of its id. */
export const ruleWords = (rule: string): string => rule.replaceAll('-', ' ');

function CraftList() {
  const off = useBank((state) => state.craftOff);
  const exceptions = off.filter((one): one is CraftException => typeof one !== 'string');
  return (
    <Stack gap="sm">
      <Text size="sm">
        {i18n._(
          'Notes on how questions are written, two at a question at most. None of them keeps a question from being handed over.',
        )}
      </Text>
      {craftChecks.map(({ id, looksFor, why, source }) => (
        <Switch
          key={id}
          label={say(looksFor)}
          description={`${say(why)} (${source})`}
          checked={!off.includes(id)}
          onChange={(event) => void switchCraft(id, event.currentTarget.checked)}
        />
      ))}
      {exceptions.length > 0 && <Title order={3}>{i18n._('Left out at single questions')}</Title>}
      {exceptions.map((one) => (
        <Exception key={namesOff([one])[0]} one={one} />
      ))}
    </Stack>
  );
}

/** A question that does without a check, and why. */
function Exception({ one: { check, item, reason } }: { one: CraftException }) {
  const question = itemById(item);
  return question ? (
    <Text size="sm">
      {quoted(question.stem.plain)}: {ruleWords(check)}
      {reason && ` (${reason})`}{' '}
      <LinkButton onClick={() => void switchCraft(check, true, { item, reason })}>
        {i18n._('Look again')}
      </LinkButton>
    </Text>
  ) : null;
}

/** Asks why a question does without a check; the reason is kept with it. */
function WhyNot({ check, item }: { check: string; item: Item }) {
  const [reason, setReason] = useState('');
  const leaveOut = (): void => {
    void switchCraft(check, false, { item: item.id, reason: reason.trim() });
    modals.closeAll();
  };
  return (
    <form
      onSubmit={(event) => {
        event.preventDefault();
        leaveOut();
      }}
    >
      <Stack gap="sm">
        <TextInput
          label={i18n._('Why it is meant so')}
          description={i18n._('So that others of this bank know. It may stay empty.')}
          data-autofocus
          value={reason}
          onChange={(event) => setReason(event.currentTarget.value)}
        />
        <Group>
          <Button type="submit" variant="filled">
            {i18n._('Leave the note out here')}
          </Button>
        </Group>
      </Stack>
    </form>
  );
}

/** Asks for the reason why a check is left out at one question. */
export const askWhyNot = (check: string, item: Item): void => {
  modals.open({
    title: i18n._('Not at this question: “{ruleWords}”', { ruleWords: ruleWords(check) }),
    children: <WhyNot check={check} item={item} />,
  });
};

/** Shows the checks of the craft, to be switched off and on. */
export const showCraftChecks = (): void => {
  modals.open({ title: i18n._('Checks of the craft'), size: 'lg', children: <CraftList /> });
};
