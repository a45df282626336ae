// What a writing assistant is asked for.
import { Checkbox, Group, NumberInput, Stack, Text, Textarea, TextInput } from '@mantine/core';
import { useBank } from '../state/bank';
import { setDrafting, useDrafting, type AskWish } from '../state/drafting';
import { KindChips } from './KindChips';
import { i18n } from '../../languages';

const KINDS: { value: AskWish['kinds'][number]; label: string }[] = [
  { value: 'choice-one', label: i18n._('one right option') },
  { value: 'true-false', label: i18n._('true / false') },
  { value: 'short', label: i18n._('short answer') },
  { value: 'card', label: i18n._('cards') },
];

function ReceiversNote() {
  const layouts = useBank((state) => state.layouts);
  const chosen = layouts.filter((one) => one.chosen);
  return (
    <Text size="sm" c="dimmed">
      {chosen.length
        ? i18n._('Columns, key and the strictest lengths come from {chosen}.', {
            chosen: chosen.map(({ layout }) => layout.name).join(', '),
          })
        : i18n._('No receiver is in view, so the reply has columns of its own.')}
    </Text>
  );
}

type To = (change: Partial<AskWish>) => void;

/** The kinds, and how many of them with how many options. */
function Amount({ ask, to }: { ask: AskWish; to: To }) {
  return (
    <>
      <KindChips
        id="asked-kinds"
        all={KINDS}
        chosen={ask.kinds}
        onChoose={(kinds) => to({ kinds })}
      />
      <Group gap="xs" grow align="flex-end">
        <NumberInput
          label={i18n._('How many')}
          placeholder={ask.terms.trim() ? i18n._('one a word') : '10'}
          min={1}
          max={1000}
          allowDecimal={false}
          value={ask.count}
          onChange={(value) => to({ count: value === '' ? '' : Number(value) })}
        />
        <NumberInput
          label={i18n._('Options')}
          disabled={!ask.kinds.includes('choice-one')}
          min={2}
          max={10}
          allowDecimal={false}
          value={ask.options}
          onChange={(value) => to({ options: Number(value) || 4 })}
        />
      </Group>
    </>
  );
}

const DEFAULT_CATEGORIES = 6;

/** Categories as they are typed; or so many that the assistant is to name before it is asked for questions of each. */
function Categories({ ask, to }: { ask: AskWish; to: To }) {
  const isFirst = ask.categoriesFirst > 0;
  const isGiven = Boolean(ask.categories.trim());
  return (
    <Group gap="xs" align="flex-end" wrap="nowrap">
      <TextInput
        label={i18n._('Categories')}
        description={i18n._('With ; between: so many are asked for of each.')}
        style={{ flex: 1 }}
        value={ask.categories}
        onChange={(event) => to({ categories: event.currentTarget.value })}
      />
      {!ask.terms.trim() && (
        <Checkbox
          label={i18n._('ask for them first')}
          disabled={isGiven}
          checked={isFirst && !isGiven}
          onChange={() => to({ categoriesFirst: isFirst ? 0 : DEFAULT_CATEGORIES })}
          mb={8}
        />
      )}
      {isFirst && !isGiven && !ask.terms.trim() && (
        <NumberInput
          aria-label={i18n._('How many categories')}
          w={76}
          min={2}
          max={50}
          allowDecimal={false}
          value={ask.categoriesFirst}
          onChange={(value) => to({ categoriesFirst: Number(value) || DEFAULT_CATEGORIES })}
        />
      )}
    </Group>
  );
}

/** What is asked for: about what, of which kinds, how many, and what the words are to be like. */
export function AskedFor() {
  const { ask } = useDrafting();
  const to: To = (change) => setDrafting({ ask: { ...ask, ...change } });
  const field = (name: 'topic' | 'terms' | 'text' | 'level' | 'language' | 'avoid') => ({
    value: ask[name],
    onChange: (event: { currentTarget: { value: string } }) =>
      to({ [name]: event.currentTarget.value }),
  });
  return (
    <Stack gap="xs">
      <TextInput label={i18n._('Topic')} placeholder={i18n._('canal locks')} {...field('topic')} />
      <Textarea
        label={i18n._('Words')}
        description={i18n._('One a line: a question is asked for with each, fifteen in a request.')}
        autosize
        minRows={3}
        maxRows={8}
        {...field('terms')}
      />
      <Textarea
        label={i18n._('Nothing but this text')}
        autosize
        minRows={2}
        maxRows={8}
        {...field('text')}
      />
      <Amount ask={ask} to={to} />
      <Categories ask={ask} to={to} />
      <Group gap="xs" grow>
        <TextInput label={i18n._('Level')} {...field('level')} />
        <TextInput label={i18n._('Language')} {...field('language')} />
        <TextInput label={i18n._('Avoid')} {...field('avoid')} />
      </Group>
      <ReceiversNote />
    </Stack>
  );
}
