// Help: the order of the work, every job in it, the keys, the words.
import { Kbd, Stack, Table, Title } from '@mantine/core';
import type { ReactNode } from 'react';
import { Jobs } from './help/Jobs';
import { i18n } from '../../languages';

const KEYS: readonly (readonly [string, string])[] = [
  [i18n._('Ctrl V'), i18n._('in Gather: look at what was copied, with no field to click first')],
  [i18n._('Ctrl .'), i18n._('in the text of a source: say what the line is')],
  ['A, B, C …', i18n._('on a question in Gather: mark that option as right')],
  ['F2', i18n._('edit the cell, or the question in Gather')],
  [i18n._('Delete'), i18n._('empty the cells; in Gather, leave the question out')],
  [
    i18n._('arrows, Tab, Enter, Home, End, Page Up, Page Down'),
    i18n._('move as in a spreadsheet; Shift selects, Ctrl goes to the edge, both select up to it'),
  ],
  [i18n._('Shift click'), i18n._('select from the cell one is at to the cell clicked')],
  [
    i18n._('Ctrl C, Ctrl V'),
    i18n._('copy and paste blocks of cells; rows past the end become questions'),
  ],
  [i18n._('Ctrl D'), i18n._('fill the selected cells from the first')],
  [i18n._('Ctrl Delete'), i18n._('remove the selected questions')],
  [i18n._('Ctrl Enter'), i18n._('the next act of the place: its green button')],
  [i18n._('Ctrl Z, Ctrl Y'), i18n._('undo and redo, everywhere')],
  [i18n._('Ctrl K'), i18n._('find a question or a command')],
  ['?', i18n._('this page')],
];
const WORDS: readonly (readonly [string, string])[] = [
  [i18n._('blank'), i18n._('the receiver’s own empty file, the form you download there')],
  [i18n._('layout'), i18n._('what the program learned from a blank')],
  [i18n._('receiver'), i18n._('whatever takes the file in the end')],
  [i18n._('finding'), i18n._('something a check noticed; ✕ blocks, ! wants a look, i is a note')],
  [i18n._('mend'), i18n._('a change that a finding offers; nothing is mended silently')],
  [
    i18n._('read back'),
    i18n._('the finished file is read by other code and compared before you take it'),
  ],
];

function Section({ title, children }: { title: string; children: ReactNode }) {
  return (
    <section>
      <Title order={2} mb={4}>
        {title}
      </Title>
      {children}
    </section>
  );
}

function List({
  rows,
  isKeys = false,
}: {
  rows: readonly (readonly [string, string])[];
  isKeys?: boolean;
}) {
  return (
    <Table>
      <Table.Tbody>
        {rows.map(([name, what]) => (
          <Table.Tr key={name}>
            <Table.Th scope="row" w="34%" fw={600}>
              {isKeys ? <Kbd>{name}</Kbd> : name}
            </Table.Th>
            <Table.Td>{what}</Table.Td>
          </Table.Tr>
        ))}
      </Table.Tbody>
    </Table>
  );
}

export default function HelpPlace() {
  return (
    <Stack gap="lg" maw={760} role="region" aria-label={i18n._('Help')} tabIndex={0}>
      <Title order={1}>{i18n._('Help')}</Title>
      <Section title={i18n._('The order of the work')}>
        <p>
          {i18n._(
            'Gather what you hold, look at it, and agree. Keep and check it in the bank. Drop the receiver’s own blank under Layouts. Hand over fills that blank, reads it back, and gives you the file. Rehearse shows a stand-in accept it. The green button is the next act everywhere, and Ctrl Enter presses it.',
          )}
        </p>
      </Section>
      <Section title={i18n._('Jobs')}>
        <Jobs />
      </Section>
      <Section title={i18n._('How a typed document may look')}>
        <p>
          {i18n._(
            'Nearly any way is understood: numbers or none before the questions; letters, numbers, bullets or nothing before the options; the right one told by a star, a tick, a word in brackets, bold, underlining or colour, by a line such as “Answer: C”, or by a list of answers at the end. Points, hints, explanations, times and tags stand on lines of their own with their name in front. A statement with True or False behind it, a sentence with a drawn gap, a list of terms: each becomes its own kind.',
          )}
        </p>
      </Section>
      <Section title={i18n._('Keys')}>
        <List rows={KEYS} isKeys />
      </Section>
      <Section title={i18n._('Words')}>
        <List rows={WORDS} />
      </Section>
      <Section title={i18n._('Where your questions are')}>
        <p>
          {i18n._(
            'In this browser, on this computer, and nowhere else. The program sends nothing to any other host. Text that you bring in is text: it never runs, here or in a file handed over. In text files a text that looks like a formula gets an apostrophe in front, which is named as a change and taken off again when the file comes back.',
          )}
        </p>
      </Section>
    </Stack>
  );
}
