// Sheets for those who write questions: one locked workbook for each group, all in one zip; back they come through Gather.
import { Button, Group, MultiSelect, NumberInput, Stack, Text, Textarea } from '@mantine/core';
import { modals } from '@mantine/modals';
import { useState } from 'react';
import type { Kind, SheetsJob } from '../../core/model';
import { kindName } from '../../core/shared/kind-names';
import { safeName } from '../../core/shared/plain';
import { strictestLengths } from '../../core/shared/strictest';
import { core } from '../../workers/client';
import { messageOf } from '../parts/message-of';
import { say, sayProblem } from '../parts/say';
import { takeAway } from '../parts/take-away';
import { bankState, useBank } from '../state/bank';
import { i18n } from '../../languages';

const KINDS: readonly Kind[] = ['choice-one', 'choice-many', 'true-false', 'short', 'card'];
const EXAMPLE = i18n._('Group A; Locks > Gates\nGroup B; Safety');

/** The groups of a text: a name on each line, and behind a semicolon the category that it writes for. */
const groupsOf = (text: string, rows: number): SheetsJob['groups'] =>
  text
    .split('\n')
    .map((line) => line.split(';').map((part) => part.trim()))
    .filter(([name]) => name)
    .map(([name, category]) => ({ name: name!, rows, ...(category ? { category } : {}) }));

function Sheets() {
  const [names, setNames] = useState('');
  const [kinds, setKinds] = useState<string[]>(['choice-one']);
  const [options, setOptions] = useState(4);
  const [rows, setRows] = useState(20);
  const groups = groupsOf(names, rows);
  const layouts = useBank((state) => state.layouts);
  const limits = strictestLengths(
    layouts.filter(({ chosen }) => chosen).map(({ layout }) => layout),
  );
  const make = async (): Promise<void> => {
    const setTitle = bankState().info.name;
    try {
      const job = {
        groups,
        kinds: KINDS.filter((kind) => kinds.includes(kind)),
        options,
        limits,
        setTitle,
      };
      takeAway(
        i18n._('{safeName} sheets.zip', { safeName: safeName(setTitle, i18n._('Bank')) }),
        await core().sheets(job),
        'application/zip',
      );
      modals.closeAll();
      say(
        i18n._(
          '{groups, plural, one {# sheet} other {# sheets}} made. Drop them in Gather when they come back.',
          { groups: groups.length },
        ),
      );
    } catch (error) {
      sayProblem(messageOf(error, i18n._('The sheets could not be made.')));
    }
  };
  return (
    <Stack gap="sm">
      <Textarea
        label={i18n._('Who writes')}
        description={i18n._('A name on each line; behind a semicolon the category it writes for.')}
        placeholder={EXAMPLE}
        autosize
        minRows={4}
        maxRows={10}
        value={names}
        onChange={(event) => setNames(event.currentTarget.value)}
      />
      <MultiSelect
        label={i18n._('Kinds')}
        data={KINDS.map((kind) => ({ value: kind, label: kindName(kind) }))}
        value={kinds}
        onChange={setKinds}
      />
      <Group grow>
        <NumberInput
          label={i18n._('Options')}
          min={2}
          max={10}
          value={options}
          onChange={(value) => setOptions(Number(value) || 4)}
        />
        <NumberInput
          label={i18n._('Rows to fill')}
          min={1}
          max={500}
          value={rows}
          onChange={(value) => setRows(Number(value) || 20)}
        />
      </Group>
      <Text size="sm" c="dimmed">
        {i18n._(
          '{isStem, select, true {Lengths of the receivers in view: {value} characters.} other {No receiver in view limits the lengths.}} Only the cells to fill can be typed into. Names stay with the questions when the sheets come back.',
          {
            isStem: Boolean(limits.stem || limits.option),
            value: [
              limits.stem && i18n._('question {stem, number}', { stem: limits.stem }),
              limits.option && i18n._('option {option, number}', { option: limits.option }),
            ]
              .filter(Boolean)
              .join(', '),
          },
        )}
      </Text>
      <Group justify="flex-end">
        <Button onClick={() => modals.closeAll()}>{i18n._('Cancel')}</Button>
        <Button
          variant="filled"
          disabled={!groups.length || !kinds.length}
          onClick={() => void make()}
        >
          {i18n._('Make {groups, plural, one {# sheet} other {# sheets}}', {
            groups: groups.length,
          })}
        </Button>
      </Group>
    </Stack>
  );
}

/** Asks who writes, and makes their sheets. */
export const showSheets = (): void => {
  modals.open({ title: i18n._('Sheets for contributors'), size: 'lg', children: <Sheets /> });
};
