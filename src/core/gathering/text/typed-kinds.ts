// The kind of each question in front of it: "Multiple choice: What opens?", "Short answer: What floats?".
import type { Kind } from '../../model';
import { kindOfWord } from '../../shared/vocabulary/kinds';
import { takeMarks } from './marks';
import { anew, isLine, OFTEN, type Lines } from './retyping';

const NAMED = /^\s*(?:\d{1,3}[.)]\s+)?(\p{L}[\p{L} /-]{3,24}?)\s*:\s+(\S.*)$/u;
const BULLET = /^\s*[-*•]\s+(?=\S)/u;

type Named = { kind: Kind; text: string };

/** The kind in front of a question and its text; undefined of another line. A statement that nothing follows keeps its choice. */
function namedIn(text: string, below: string): Named | undefined {
  const [, name = '', rest] = NAMED.exec(text) ?? [];
  const kind = rest ? kindOfWord(name) : undefined;
  const isAlone = kind === 'true-false' && !below.trim();
  return kind && { kind, text: isAlone ? `${name}: ${rest!}` : rest! };
}

/** Questions without their kinds in front, where several have one; what a short one has in a list below is its answer. */
export function kindsInFront(lines: Lines): Lines {
  const found = lines.map((line, at) =>
    isLine(line) ? namedIn(line.text, lines[at + 1]?.text ?? '') : undefined,
  );
  const kinds = found.filter((one) => one !== undefined);
  if (kinds.length < OFTEN || new Set(kinds.map(({ kind }) => kind)).size < OFTEN) {
    return lines;
  }
  let kind: Kind | undefined;
  return lines.map((line, at) => {
    kind = found[at]?.kind ?? (line.text.trim() ? kind : undefined);
    if (found[at]) {
      return anew(line, `Question: ${found[at].text}`);
    }
    const from = BULLET.exec(line.text)?.[0].length;
    if (kind !== 'short' || from === undefined) {
      return line;
    }
    const marks = takeMarks(line.text, from);
    return anew(line, `Answer: ${line.text.slice(marks.from, marks.to).trim()}`);
  });
}
