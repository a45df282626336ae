// Questions of a set of which one says in its text what another one asks for.
import { List, Text } from '@mantine/core';
import { useMemo } from 'react';
import type { QuestionSet } from '../../core/model';
import { count } from '../../core/shared/plain';
import { cuesIn } from '../../core/shared/sets/cues';
import { itemById, useBank } from '../state/bank';
import { idsOf } from '../state/sets';

const SHOWN = 4;

export function Cues({ set }: { set: QuestionSet }) {
  const bank = useBank((state) => state.items);
  const cues = useMemo(() => {
    void bank;
    return cuesIn(idsOf(set).flatMap((id) => itemById(id) ?? []));
  }, [set, bank]);
  const refOf = (id: string): string => itemById(id)?.ref ?? '';
  return cues.length ? (
    <section aria-label="Questions that give an answer away">
      <Text size="sm">
        {count(cues.length, 'answer')} can be read in the text of another question of this set:
      </Text>
      <List size="sm">
        {cues.slice(0, SHOWN).map(({ told, asked, answer }) => (
          <List.Item key={`${told} ${asked} ${answer}`}>
            {refOf(told)} says “{answer}”, which answers {refOf(asked)}.
          </List.Item>
        ))}
        {cues.length > SHOWN && <List.Item>and {cues.length - SHOWN} more.</List.Item>}
      </List>
    </section>
  ) : null;
}
