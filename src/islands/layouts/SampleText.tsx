// A sample of marked text: each line with what it is; pointing at the lines of one question teaches the signs.
import { Menu } from '@mantine/core';
import { useMemo, useState } from 'react';
import type { Fitted, KeptLayout, Layout } from '../../core/model';
import type { Pointed } from '../../core/pipeline';
import { learnMarks } from '../state/layouts';

type Marks = NonNullable<Layout['marks']>;
const WORDS: Record<Pointed, string> = {
  stem: 'the question',
  right: 'a right option',
  wrong: 'a wrong option',
  close: 'the end of the options',
  category: 'a category',
  comment: 'a comment',
  key: 'a line that names the right answer',
};

/** What a line is by the signs as they are known now. */
function lineIs(line: string, marks: Marks): Pointed | undefined {
  if (!line.trim()) {
    return undefined;
  }
  const starts = (sign: string | undefined): boolean =>
    sign !== undefined && line.trimStart().startsWith(sign);
  if (starts(marks.comment)) {
    return 'comment';
  }
  if (starts(marks.category)) {
    return 'category';
  }
  if (marks.close && line.trim() === marks.close) {
    return 'close';
  }
  if (starts(marks.keyLine)) {
    return 'key';
  }
  if (starts(marks.right)) {
    return 'right';
  }
  const isLabelled =
    marks.optionLabel !== undefined &&
    marks.optionLabel !== 'none' &&
    new RegExp(
      `^\\s*${marks.optionLabel.startsWith('1') ? '\\d' : '[A-Za-z]'}\\${marks.optionLabel.slice(-1)}\\s`,
    ).test(line);
  if (starts(marks.wrong) || isLabelled) {
    return 'wrong';
  }
  return 'stem';
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
  const [pointed, setPointed] = useState<Record<number, Pointed>>({});
  const marks = useMemo(() => kept.layout.marks ?? { right: '*' }, [kept.layout.marks]);
  const point = async (index: number, what: Pointed | undefined): Promise<void> => {
    const next = { ...pointed };
    if (what) {
      next[index] = what;
    } else {
      delete next[index];
    }
    setPointed(next);
    await learnMarks(kept, lines, next);
  };
  return (
    <div className="table-scroll blank-view sample-text">
      <table className="sheet mono">
        <tbody>
          {lines.slice(0, 120).map((line, index) => {
            const is = pointed[index] ?? lineIs(line, marks);
            return (
              <tr key={index} className={`line-is-${is ?? 'empty'}`}>
                <th scope="row">
                  {line.trim() ? (
                    <Menu position="right-start">
                      <Menu.Target>
                        <button
                          type="button"
                          className="row-number"
                          aria-label={`Line ${index + 1}: say what it is`}
                        >
                          {index + 1}
                        </button>
                      </Menu.Target>
                      <Menu.Dropdown>
                        <Menu.Label>This line is</Menu.Label>
                        {(Object.keys(WORDS) as Pointed[]).map((what) => (
                          <Menu.Item key={what} onClick={() => void point(index, what)}>
                            {WORDS[what]}
                          </Menu.Item>
                        ))}
                        {pointed[index] && (
                          <Menu.Item onClick={() => void point(index, undefined)}>
                            not pointed at
                          </Menu.Item>
                        )}
                      </Menu.Dropdown>
                    </Menu>
                  ) : (
                    index + 1
                  )}
                </th>
                <td className="line">{line}</td>
                <td className="is">
                  {is ? `${pointed[index] ? '● ' : ''}${WORDS[is].replace(/^(?:the|a) /, '')}` : ''}
                </td>
              </tr>
            );
          })}
        </tbody>
      </table>
      {fitted?.text !== undefined && (
        <div className="pad">
          <p className="soft small">A question of the bank as it would be written:</p>
          <pre className="paragraph mono">{fitted.text}</pre>
        </div>
      )}
      {!lines.length && (
        <p className="pad soft">
          There is no sample; the signs at the right say how questions are written.
        </p>
      )}
    </div>
  );
}
