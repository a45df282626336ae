// What became of a question, with each earlier text to be taken back.
import { Anchor, List, Text, Title } from '@mantine/core';
import { Link } from 'wouter';
import type { Item } from '../../../core/model';
import { withField } from '../../../core/shared/fields';
import { when } from '../../parts/when';
import { fieldWords } from '../../parts/field-words';
import { LinkButton } from '../../parts/LinkButton';
import { valueWords } from '../../parts/value-words';
import { changeItems, useBank } from '../../state/bank';
import { changesOf, filesOf, sittingsOf, type Changed, type Earlier } from './history';
import { i18n } from '../../../languages';

/** So many signs of an earlier text are shown, and so many steps and files. */
const SHOWN_SIGNS = 120;
const SHOWN = 12;

function Field({ item, field }: { item: Item; field: Earlier }) {
  const name = fieldWords(field.path);
  const back = (): void =>
    void changeItems(i18n._('Take back the {name} of {ref}', { name, ref: item.ref }), [
      withField(item, field.path, field.before),
    ]);
  return (
    <div>
      {i18n._('{name} was “{before}”', { name, before: valueWords(field.before, SHOWN_SIGNS) })}{' '}
      {field.isStill && <LinkButton onClick={back}>{i18n._('Put this back')}</LinkButton>}
    </div>
  );
}

const Step = ({ item, changed }: { item: Item; changed: Changed }) => (
  <List.Item>
    <Text component="span" size="xs" c="dimmed">
      {changed.at && `${when(changed.at)} · `}
      {changed.label}
    </Text>
    {changed.fields.map((field) => (
      <Field key={field.path} item={item} field={field} />
    ))}
  </List.Item>
);

/** Nothing where nothing became of the question yet. */
export function History({ item }: { item: Item }) {
  const done = useBank((state) => state.undo);
  const receipts = useBank((state) => state.receipts);
  const sittings = useBank((state) => state.sittings);
  const changes = changesOf(item, done).slice(0, SHOWN);
  const files = filesOf(item.id, receipts).slice(0, SHOWN);
  const results = sittingsOf(item.id, sittings).slice(0, SHOWN);
  if (!changes.length && !files.length && !results.length) {
    return null;
  }
  return (
    <section aria-label={i18n._('What became of it')}>
      <Title order={3} mt={4}>
        {i18n._('What became of it')}
      </Title>
      <List size="sm" spacing={4}>
        {results.map(({ id, words }) => (
          <List.Item key={id}>
            <Anchor component={Link} href={`/results/${id}`} inherit>
              {words}
            </Anchor>
          </List.Item>
        ))}
        {files.map(({ id, at, file, layout }) => (
          <List.Item key={id}>
            {i18n._('went to {name} in {name2}, {at}', {
              name: layout.name,
              name2: file.name,
              at: when(at),
            })}
          </List.Item>
        ))}
        {changes.map((changed) => (
          <Step key={changed.n} item={item} changed={changed} />
        ))}
      </List>
    </section>
  );
}
