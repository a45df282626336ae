// What a line of running text is, said by a person: opened at the line's number, or by keys at the cursor.
import { Box, Menu, VisuallyHidden } from '@mantine/core';
import type { LineRole } from '../../core/model';
import { quoted } from '../../core/shared/plain';
import { sayLine, useGather } from '../state/gather';
import { i18n } from '../../languages';

/** A line that was pointed at, with its place in the window in pixels. */
export type PointedLine = { line: number; text: string; left: number; top: number };

export const LINE_WORDS: readonly (readonly [LineRole, string, string])[] = [
  ['question', i18n._('A question begins here'), i18n._('question')],
  ['option', i18n._('This is an option'), i18n._('option')],
  ['more', i18n._('This goes on with what stands above'), i18n._('goes on')],
  ['answer', i18n._('This is the answer'), i18n._('answer')],
  ['part', i18n._('This heads the questions below'), i18n._('heading')],
  ['answers', i18n._('The list of all answers begins here'), i18n._('list of answers')],
  ['none', i18n._('This is no part of a question'), i18n._('no part')],
];

export function LineMenu({
  pointed,
  onClose,
}: {
  pointed: PointedLine | undefined;
  onClose: () => void;
}) {
  const { overrule } = useGather();
  if (!pointed) {
    return null;
  }
  const { line, text, left, top } = pointed;
  const said = overrule.lines?.find((one) => one.line === line);
  const say = (is: LineRole | undefined): void => {
    onClose();
    void sayLine(line, is);
  };
  return (
    <Menu opened onClose={onClose} position="bottom-start" withinPortal returnFocus>
      <Menu.Target>
        {/* The menu hangs at the line's number, which is drawn by the editor, and is named by what stands here. */}
        <Box component="span" pos="fixed" left={left} top={top} w={1} h={1}>
          <VisuallyHidden>{i18n._('What line {line} is', { line })}</VisuallyHidden>
        </Box>
      </Menu.Target>
      <Menu.Dropdown>
        <Menu.Label>
          {i18n._('Line {line} {text}', {
            line,
            text: text.trim() ? quoted(text.trim(), 40) : i18n._('is empty'),
          })}
        </Menu.Label>
        {LINE_WORDS.map(([is, words]) => (
          <Menu.Item key={is} fw={said?.is === is ? 700 : undefined} onClick={() => say(is)}>
            {words}
          </Menu.Item>
        ))}
        {said && (
          <>
            <Menu.Divider />
            <Menu.Item onClick={() => say(undefined)}>
              {i18n._('Forget what I said of this line')}
            </Menu.Item>
          </>
        )}
      </Menu.Dropdown>
    </Menu>
  );
}
