// Signs in front of lines of which one in each group differs from all others: it singles out the right option.
import type { Label } from './labels';
import type { TypedLine } from './typed-line';

/** A sign of no word, or one of the letters that people draw for a ring and a cross. */
const SIGN =
  /^(\s*)(?!#\d)([^\p{L}\p{N}\s([{"'“‘«¿¡_|.]{1,2}\s*(?=[\p{L}\p{N}"'“(])|\.\s+(?=\p{L})|[xXoO0](?=\s+\S)\s+)/u;
/** So many groups show it. */
const LEAST = 2;

type Signed = { line: TypedLine; sign: string; from: number };
/** `opens` where no line stands right above it. */
type Group = Signed[] & { opens?: boolean };

/** Lines below one another that all begin with a sign, two at least. */
function groupsIn(lines: readonly TypedLine[]): Group[] {
  const groups: Group[] = [];
  let group: Group = [];
  lines.forEach((line, at) => {
    const match = line.isBlank ? null : SIGN.exec(line.text);
    if (match) {
      group.opens ??= lines[at - 1]?.isBlank ?? true;
      group.push({ line, sign: match[2]!.trim().toLowerCase(), from: match[0].length });
    } else {
      groups.push(group);
      group = [];
    }
  });
  return [...groups, group].filter(({ length }) => length > 1);
}

/** The sign that stands once in a group of lines of which all others have another. */
function singled(group: readonly Signed[]): { lone: string; other: string } | undefined {
  const signs = [...new Set(group.map(({ sign }) => sign))];
  const times = (sign: string): number => group.filter((one) => one.sign === sign).length;
  const [lone, other] = signs.sort((a, b) => times(a) - times(b));
  if (signs.length !== 2 || group.length < 3 || times(lone!) !== 1) {
    return undefined;
  }
  // A ring and a cross only go together: words begin with these letters as well.
  const isDrawn = /^[xo0]$/.test(lone!) || /^[xo0]$/.test(other!);
  return !isDrawn || (lone === 'x' && /^[o0]$/.test(other!))
    ? { lone: lone!, other: other! }
    : undefined;
}

const labelOf = ({ line, sign, from }: Signed, lone: string, other: string): Label => ({
  family: `bullet ${other}`,
  counts: 'bullet',
  from,
  to: line.text.trimEnd().length,
  right: sign === lone,
  mark: sign,
});

/** Whether the lone sign opens every group, with nothing above it that asks: it stands in front of the questions. */
const opensAll = (groups: readonly Group[], lone: string | undefined): boolean =>
  groups.every((group) => group.opens && group[0]!.sign === lone);

/** Lines with the labels that such signs make, where every group of the text is told so; else as they are. */
export function withSingledSigns(lines: readonly TypedLine[]): TypedLine[] {
  const groups = groupsIn(lines);
  const found = groups.map(singled);
  const [first] = found;
  const isEven = found.every(
    (one) => one && first && one.lone === first.lone && one.other === first.other,
  );
  if (!first || groups.length < LEAST || !isEven || opensAll(groups, first.lone)) {
    return [...lines];
  }
  const own = new Map(
    groups.flat().map((one) => [one.line, labelOf(one, first.lone, first.other)]),
  );
  return lines.map((line) => {
    const label = own.get(line);
    return label ? { ...line, labels: [label] } : line;
  });
}
