// What is remembered of how sources are read, to be looked at and forgotten.
import { Table } from '@mantine/core';
import { useEffect } from 'react';
import type { KeptReading } from '../../core/model';
import { roleWords } from '../../core/shared/roles';
import { LinkButton } from '../parts/LinkButton';
import { AS_WORDS, KEY_WORDS } from '../parts/roles';
import { forgetReading, keptReadings, useKeptReadings } from '../state/kept-readings';
import { Listed } from './Listed';
import { when } from '../parts/when';

const HEADINGS = ['Said', 'At the source', 'Its headings', 'What you said'];
const SHOWN_HEADINGS = 6;

/** What was said, in a few words: 'Solution: right answer; read as a board'. */
function saidIn({ columns, key, as, headings }: KeptReading): string {
  const words = [
    ...columns.map(({ heading, nth, role }) => {
      const name = headings.length ? heading || 'no heading' : `column ${nth + 1}`;
      return `${name}: ${roleWords(role)}`;
    }),
    key ? `right answer by ${KEY_WORDS[key.style]}` : '',
    as ? `read as ${AS_WORDS[as]}` : '',
  ].filter(Boolean);
  return words.join('; ') || 'these are the headings';
}

function headingsOf({ headings }: KeptReading): string {
  const more = headings.length - SHOWN_HEADINGS;
  const shown = headings.slice(0, SHOWN_HEADINGS).join(', ');
  return headings.length ? `${shown}${more > 0 ? ` and ${more} more` : ''}` : 'none';
}

export function KeptReadings() {
  const readings = useKeptReadings();
  useEffect(() => void keptReadings(), []);
  return readings.length ? (
    <Listed label="Remembered readings" headings={HEADINGS} acts="Forget">
      {readings.map((reading) => (
        <Table.Tr key={reading.id}>
          <Table.Td>{when(reading.at)}</Table.Td>
          <Table.Td>{reading.from}</Table.Td>
          <Table.Td>{headingsOf(reading)}</Table.Td>
          <Table.Td>{saidIn(reading)}</Table.Td>
          <Table.Td>
            <LinkButton fz={13} onClick={() => void forgetReading(reading.id)}>
              Forget it
            </LinkButton>
          </Table.Td>
        </Table.Tr>
      ))}
    </Listed>
  ) : null;
}
