// Help: the order of the work, every job in it, the keys, the words.
import { Kbd, Stack, Table, Title } from '@mantine/core';
import type { ReactNode } from 'react';
import { Jobs } from './help/Jobs';

const KEYS: readonly (readonly [string, string])[] = [
  ['Ctrl V', 'in Gather: look at what was copied, with no field to click first'],
  ['Ctrl .', 'in the text of a source: say what the line is'],
  ['A, B, C …', 'on a question in Gather: mark that option as right'],
  ['F2', 'edit the cell, or the question in Gather'],
  ['Delete', 'empty the cells; in Gather, leave the question out'],
  [
    'arrows, Tab, Enter, Home, End, Page Up, Page Down',
    'move as in a spreadsheet; Shift selects, Ctrl goes to the edge, both select up to it',
  ],
  ['Shift click', 'select from the cell one is at to the cell clicked'],
  ['Ctrl C, Ctrl V', 'copy and paste blocks of cells; rows past the end become questions'],
  ['Ctrl D', 'fill the selected cells from the first'],
  ['Ctrl Delete', 'remove the selected questions'],
  ['Ctrl Enter', 'the next act of the place: its green button'],
  ['Ctrl Z, Ctrl Y', 'undo and redo, everywhere'],
  ['Ctrl K', 'find a question or a command'],
  ['?', 'this page'],
];
const WORDS: readonly (readonly [string, string])[] = [
  ['blank', 'the receiver’s own empty file, the form you download there'],
  ['layout', 'what the program learned from a blank'],
  ['receiver', 'whatever takes the file in the end'],
  ['finding', 'something a check noticed; ✕ blocks, ! wants a look, i is a note'],
  ['mend', 'a change that a finding offers; nothing is mended silently'],
  ['read back', 'the finished file is read by other code and compared before you take it'],
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
    <Stack gap="lg" maw={760} role="region" aria-label="Help" tabIndex={0}>
      <Title order={1}>Help</Title>
      <Section title="The order of the work">
        <p>
          Gather what you hold, look at it, and agree. Keep and check it in the bank. Drop the
          receiver’s own blank under Layouts. Hand over fills that blank, reads it back, and gives
          you the file. Rehearse shows a stand-in accept it. The green button is the next act
          everywhere, and Ctrl Enter presses it.
        </p>
      </Section>
      <Section title="Jobs">
        <Jobs />
      </Section>
      <Section title="How a typed document may look">
        <p>
          Nearly any way is understood: numbers or none before the questions; letters, numbers,
          bullets or nothing before the options; the right one told by a star, a tick, a word in
          brackets, bold, underlining or colour, by a line such as “Answer: C”, or by a list of
          answers at the end. Points, hints, explanations, times and tags stand on lines of their
          own with their name in front. A statement with True or False behind it, a sentence with a
          drawn gap, a list of terms: each becomes its own kind.
        </p>
      </Section>
      <Section title="Keys">
        <List rows={KEYS} isKeys />
      </Section>
      <Section title="Words">
        <List rows={WORDS} />
      </Section>
      <Section title="Where your questions are">
        <p>
          In this browser, on this computer, and nowhere else. The program sends nothing to any
          other host. Text that you bring in is text: it never runs, here or in a file handed over.
          In text files a text that looks like a formula gets an apostrophe in front, which is named
          as a change and taken off again when the file comes back.
        </p>
      </Section>
    </Stack>
  );
}
