// Questions of a set of which one says in its text what another one asks for.
import { List, Text } from '@mantine/core';
import { useMemo } from 'react';
import type { QuestionSet } from '../../core/model';
import { cuesIn } from '../../core/shared/sets/cues';
import { itemById, useBank } from '../state/bank';
import { idsOf } from '../state/sets';
import { i18n } from '../../languages';

const SHOWN = 4;

export function Cues({ set }: { set: QuestionSet }) {
  const bank = useBank((state) => state.items);
  const cues = useMemo(() => {
    void bank;
    return cuesIn(idsOf(set).flatMap((id) => itemById(id) ?? []));
  }, [set, bank]);
  const refOf = (id: string): string => itemById(id)?.ref ?? '';
  return cues.length ? (
    <section aria-label={i18n._('Questions that give an answer away')}>
      <Text size="sm">
        {i18n._(
          '{cues, plural, one {# answer} other {# answers}} can be read in the text of another question of this set:',
          { cues: cues.length },
        )}
      </Text>
      <List size="sm">
        {cues.slice(0, SHOWN).map(({ told, asked, answer }) => (
          <List.Item key={`${told} ${asked} ${answer}`}>
            {i18n._('{refOf} says “{answer}”, which answers {refOf2}.', {
              refOf: refOf(told),
              answer,
              refOf2: refOf(asked),
            })}
          </List.Item>
        ))}
        {cues.length > SHOWN && (
          <List.Item>{i18n._('and {cues, number} more.', { cues: cues.length - SHOWN })}</List.Item>
        )}
      </List>
    </section>
  ) : null;
}
