// A sample of marked text: each line with what it is; pointing at the lines of one question teaches the signs.
import { Box, Menu, Text, UnstyledButton } from '@mantine/core';
import { useMemo, useState } from 'react';
import { numberedText } from '../../../core/shared/pattern-line';
import type { Fitted, KeptLayout } from '../../../core/model';
import type { PointedLine } from '../../../core/pipeline';
import { learnMarks } from '../../state/layouts';
import { linesAre } from './line-is';
import { LINE_WORDS, type LineIs } from './line-words';
import { i18n } from '../../../languages';

/** A sample is shown so far. */
const LINES_SHOWN = 120;

const CHOICES = (Object.keys(LINE_WORDS) as LineIs[]).filter(
  (what): what is PointedLine => what !== 'fixed',
);

/** So much of a long menu is seen at once. */
const MENU_HEIGHT = 360;

type Point = (what: PointedLine | undefined) => void;

function LineMenu({
  line,
  isPointed,
  onPoint,
}: {
  line: number;
  isPointed: boolean;
  onPoint: Point;
}) {
  return (
    <Menu position="right-start">
      <Menu.Target>
        <UnstyledButton
          className="row-number"
          aria-label={i18n._('Line {line}: say what it is', { line })}
        >
          {line}
        </UnstyledButton>
      </Menu.Target>
      <Menu.Dropdown mah={MENU_HEIGHT} style={{ overflowY: 'auto' }}>
        <Menu.Label>{i18n._('This line is')}</Menu.Label>
        {CHOICES.map((what) => (
          <Menu.Item key={what} onClick={() => onPoint(what)}>
            {LINE_WORDS[what]}
          </Menu.Item>
        ))}
        {isPointed && (
          <Menu.Item onClick={() => onPoint(undefined)}>{i18n._('not pointed at')}</Menu.Item>
        )}
      </Menu.Dropdown>
    </Menu>
  );
}

function Line({
  text,
  line,
  is,
  isPointed,
  onPoint,
}: {
  text: string;
  line: number;
  is: LineIs | undefined;
  isPointed: boolean;
  onPoint: Point;
}) {
  const words = is ? LINE_WORDS[is].replace(/^(?:the|an?) /, '') : '';
  return (
    <tr className={`line-is-${is ?? 'empty'}`}>
      <th scope="row">
        {text.trim() ? <LineMenu line={line} isPointed={isPointed} onPoint={onPoint} /> : line}
      </th>
      <td className="line">{text}</td>
      <td className="is">
        {isPointed ? '● ' : ''}
        {words}
      </td>
    </tr>
  );
}

/** The lines that were pointed at, by their place, and how to point. */
function usePointing(kept: KeptLayout, lines: readonly string[]) {
  const [pointed, setPointed] = useState<Record<number, PointedLine>>({});
  const point = (index: number, what: PointedLine | undefined): void => {
    const { [index]: _gone, ...others } = pointed;
    const next = what ? { ...others, [index]: what } : others;
    setPointed(next);
    void learnMarks(kept, lines, next);
  };
  return { pointed, point };
}

export function SampleText({
  kept,
  lines,
  fitted,
}: {
  kept: KeptLayout;
  lines: readonly string[];
  fitted: Fitted | undefined;
}) {
  const { pointed, point } = usePointing(kept, lines);
  const are = useMemo(
    () => linesAre(lines.slice(0, LINES_SHOWN), kept.layout),
    [lines, kept.layout],
  );
  return (
    <div className="blank-view sample-text" tabIndex={0} role="group" aria-label={i18n._('Sample')}>
      <table className="sheet mono">
        <tbody>
          {lines.slice(0, LINES_SHOWN).map((text, index) => (
            <Line
              key={index}
              text={text}
              line={index + 1}
              is={pointed[index] ?? are[index]}
              isPointed={pointed[index] !== undefined}
              onPoint={(what) => point(index, what)}
            />
          ))}
        </tbody>
      </table>
      {fitted?.text !== undefined && (
        <Box p="sm">
          <Text c="dimmed" size="sm">
            {i18n._('A question of the bank as it would be written:')}
          </Text>
          <pre className="paragraph mono">{numberedText(fitted.text, 1, 1)}</pre>
        </Box>
      )}
      {!lines.length && (
        <Text p="sm" c="dimmed">
          {i18n._('There is no sample; what stands at the right says how questions are written.')}
        </Text>
      )}
    </div>
  );
}
