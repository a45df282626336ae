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
import { i18n } from '../../languages';

const HEADINGS = [
  i18n._('Said'),
  i18n._('At the source'),
  i18n._('Its headings'),
  i18n._('What you said'),
];
const SHOWN_HEADINGS = 6;

/** What was said, in a few words: 'Solution: right answer; read as a board'. */
function saidIn({ columns, key, as, headings }: KeptReading): string {
  const words = [
    ...columns.map(({ heading, nth, role }) => {
      const name = headings.length
        ? heading || i18n._('no heading')
        : i18n._('column {nth}', { nth: nth + 1 });
      return `${name}: ${roleWords(role)}`;
    }),
    key ? i18n._('right answer by {keyWord}', { keyWord: KEY_WORDS[key.style] }) : '',
    as ? i18n._('read as {asWord}', { asWord: AS_WORDS[as] }) : '',
  ].filter(Boolean);
  return words.join('; ') || i18n._('these are the headings');
}

function headingsOf({ headings }: KeptReading): string {
  const more = headings.length - SHOWN_HEADINGS;
  const shown = headings.slice(0, SHOWN_HEADINGS).join(', ');
  return headings.length
    ? `${shown}${more > 0 ? i18n._(' and {more, number} more', { more }) : ''}`
    : i18n._('none');
}

export function KeptReadings() {
  const readings = useKeptReadings();
  useEffect(() => void keptReadings(), []);
  return readings.length ? (
    <Listed label={i18n._('Remembered readings')} headings={HEADINGS} acts={i18n._('Forget')}>
      {readings.map((reading) => (
        <Table.Tr key={reading.id}>
          <Table.Td>{when(reading.at)}</Table.Td>
          <Table.Td>{reading.from}</Table.Td>
          <Table.Td>{headingsOf(reading)}</Table.Td>
          <Table.Td>{saidIn(reading)}</Table.Td>
          <Table.Td>
            <LinkButton fz={13} onClick={() => void forgetReading(reading.id)}>
              {i18n._('Forget it')}
            </LinkButton>
          </Table.Td>
        </Table.Tr>
      ))}
    </Listed>
  ) : null;
}
