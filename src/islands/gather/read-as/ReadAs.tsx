// How the source was read, in words that can be overruled one by one, with the reason of each.
import { Group, Paper, Text, TextInput } from '@mantine/core';
import { useState, type KeyboardEvent } from 'react';
import type { GatherAnswer } from '../../../workers/protocol';
import { useActs, type Act } from '../../state/acts';
import { overrule, setFormatting, useGather } from '../../state/gather';
import { ReadingChipMenu } from './ReadingChip';
import { Recalled } from './Recalled';
import { chipsOf, reasonsOf, type Other, type ReadingChip } from './chips';
import { i18n } from '../../../languages';

function RangeField() {
  const { overrule: chosen } = useGather();
  const kept = chosen.range ?? '';
  const [text, setText] = useState(kept);
  const takeOver = (): void => {
    if (text.trim() !== kept) {
      void overrule({ range: text.trim() || undefined });
    }
  };
  const press = (event: KeyboardEvent): void => {
    if (event.key === 'Enter') {
      takeOver();
    }
  };
  return (
    <TextInput
      aria-label={i18n._('Range of cells that is read')}
      placeholder={i18n._('whole sheet')}
      leftSection={<span>{i18n._('range')}</span>}
      leftSectionWidth={52}
      leftSectionProps={{ style: { fontSize: 13 } }}
      size="xs"
      w={164}
      spellCheck={false}
      value={text}
      onChange={(event) => setText(event.currentTarget.value)}
      onBlur={takeOver}
      onKeyDown={press}
    />
  );
}

function choose({ overrule: other }: Other): void {
  if (other.formatting) {
    void setFormatting(other.formatting);
  } else {
    void overrule(other);
  }
}

/** A sentence ends once: what is said in quotes at its end may bring its own full stop. */
const withStop = (text: string): string => (/[.!?]”$/u.test(text) ? text : `${text}.`);

function hintFor({ sheet, text }: GatherAnswer): string {
  if (sheet) {
    return i18n._('Point at a column or a row’s number, or drag over cells, to say otherwise.');
  }
  return text === undefined
    ? ''
    : i18n._(
        'Mend the text here, or point at a line’s number to say what it is; the questions follow.',
      );
}

/** The other readings, for the commands. */
const actsOf = (chips: readonly ReadingChip[]): Act[] =>
  chips.flatMap(({ name, others }) =>
    others.map((other) => ({
      label: i18n._('Read: {isName, select, true {{name} } other {}}{label}', {
        isName: Boolean(name),
        name,
        label: other.label,
      }),
      words: i18n._('Understand the source another way'),
      run: () => choose(other),
    })),
  );

function Chips({ answer }: { answer: GatherAnswer }) {
  const { overrule: chosen } = useGather();
  const chips = chipsOf(answer, chosen);
  useActs('read-as', actsOf(chips));
  return chips.map((chip) => <ReadingChipMenu key={chip.id} chip={chip} onChoose={choose} />);
}

export function ReadAs() {
  const { answer, overrule: chosen } = useGather();
  if (!answer) {
    return null;
  }
  const reasons = reasonsOf(answer);
  const because = reasons.length
    ? i18n._('because {withStop} ', { withStop: withStop(reasons.join('; ')) })
    : '';
  return (
    <Paper
      component="section"
      aria-label={i18n._('How the source was read')}
      px="sm"
      py={7}
      style={{ flex: 'none' }}
    >
      <Group gap={6} fz={14}>
        <span>{i18n._('Read as')}</span>
        <Chips answer={answer} />
        {answer.sheet && <RangeField key={chosen.range ?? ''} />}
      </Group>
      <Text size="sm" c="dimmed" mt={3}>
        {because}
        {hintFor(answer)}
      </Text>
      <Recalled />
    </Paper>
  );
}
