// From terms: a list that is typed, pasted or taken from the bank's cards, and what is made of it.
import { Group, NumberInput, Select, Stack, Text, Textarea, TextInput } from '@mantine/core';
import { useMemo } from 'react';
import { freshSeed } from '../parts/fresh-seed';
import { LinkButton } from '../parts/LinkButton';
import { useBank } from '../state/bank';
import { setDrafting, termsOfBank, useDrafting, type TermsWish } from '../state/drafting';
import { KindChips } from './KindChips';
import { MADE_KINDS } from './words';
import { i18n } from '../../languages';

const EXAMPLE = i18n._(
  'pound	the level stretch of water between two locks\ncill	a ledge below the top gate',
);

function Numbers({ terms, to }: { terms: TermsWish; to: (change: Partial<TermsWish>) => void }) {
  const hasOptions = terms.kinds.some((kind) => kind === 'choice-one' || kind === 'match');
  return (
    <Group gap="xs" grow align="flex-end">
      <NumberInput
        label={terms.kinds.includes('match') ? i18n._('Options or pairs') : i18n._('Options')}
        disabled={!hasOptions}
        min={2}
        max={10}
        allowDecimal={false}
        value={terms.options}
        onChange={(value) => to({ options: Number(value) || 4 })}
      />
      <NumberInput
        label={i18n._('Questions a term')}
        min={1}
        max={10}
        allowDecimal={false}
        value={terms.perQuestion}
        onChange={(value) => to({ perQuestion: Number(value) || 1 })}
      />
    </Group>
  );
}

export function TermsBench() {
  const { terms } = useDrafting();
  const items = useBank((state) => state.items);
  const cards = useMemo(() => items.filter(({ kind }) => kind === 'card').length, [items]);
  const to = (change: Partial<TermsWish>): void => setDrafting({ terms: { ...terms, ...change } });
  return (
    <Stack gap="xs">
      <Textarea
        label={i18n._('Terms')}
        description={i18n._(
          'A term and its definition on each line, with a tab or a dash between; a third part is the category.',
        )}
        placeholder={EXAMPLE}
        autosize
        minRows={6}
        maxRows={14}
        value={terms.text}
        onChange={(event) => to({ text: event.currentTarget.value })}
      />
      {cards > 0 && (
        <LinkButton onClick={() => to({ text: termsOfBank() })}>
          {i18n._('Take the {cards, number} cards of the bank', { cards })}
        </LinkButton>
      )}
      <KindChips
        id="made-kinds"
        all={MADE_KINDS}
        chosen={terms.kinds}
        onChoose={(kinds) => to({ kinds })}
      />
      <Select
        label={i18n._('Asks')}
        allowDeselect={false}
        value={terms.direction}
        data={[
          { value: 'to-definition', label: i18n._('with the term, for its definition') },
          { value: 'to-term', label: i18n._('with the definition, for its term') },
        ]}
        onChange={(value) => to({ direction: value as TermsWish['direction'] })}
      />
      <Numbers terms={terms} to={to} />
      <TextInput
        label={i18n._('Words of the question')}
        description={i18n._(
          "'{term}' or '{definition}' stands for it; the term or definition alone where empty.",
        )}
        placeholder={i18n._("What is meant by “'{term}'”?")}
        value={terms.ask}
        onChange={(event) => to({ ask: event.currentTarget.value })}
      />
      <Group gap="sm">
        <LinkButton onClick={() => to({ seed: freshSeed() })}>
          {i18n._('Another choice by chance')}
        </LinkButton>
        <Text size="sm" c="dimmed">
          {i18n._('seed')} <span className="mono">{terms.seed}</span>
        </Text>
      </Group>
    </Stack>
  );
}
