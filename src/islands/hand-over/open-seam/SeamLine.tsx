// One field of a question at the left, the cells that it becomes at the right, a sign between, and its changes below.
import type { ReactNode } from 'react';
import type { Fitted, Layout } from '../../../core/model';
import { overFrom } from '../../../core/shared/lengths';
import type { Line, furtherParts } from './seam-lines';
import { i18n } from '../../../languages';

/** The text with the words past the limit highlighted. */
function Marked({
  text,
  most,
  layout,
}: {
  text: string;
  most: number | undefined;
  layout: Layout;
}) {
  const over = most ? overFrom(text, most, layout.limits.count) : -1;
  if (over < 0) {
    return text;
  }
  // Whole words: the one that the limit falls into is over as well.
  const from = text.slice(0, over).search(/\S*$/u);
  return (
    <>
      {text.slice(0, from)}
      <mark>{text.slice(from)}</mark>
    </>
  );
}

/** Where in the file the cells are: 'C8 to F8', or 'C8 Question'. */
function placeWords(cells: Line['right'], row: string): string {
  const [first] = cells;
  const last = cells.at(-1);
  if (!first || !last) {
    return '';
  }
  return cells.length > 1 && first.heading
    ? i18n._('{place}{row} to {place2}{row}', { place: first.place, row, place2: last.place })
    : `${first.place}${first.heading ? row : ''} ${first.heading}`;
}

function Cells({
  line,
  layout,
  fitted,
  row,
}: {
  line: Line;
  layout: Layout;
  fitted: Fitted;
  row: string;
}) {
  if (!line.right.length) {
    return (
      <div>
        <small>{layout.shape === 'rows' ? i18n._('no column') : i18n._('no place')}</small>
        <p className="mono soft">{fitted.as ? i18n._('stays in the bank') : ''}</p>
      </div>
    );
  }
  return (
    <div>
      <small>{placeWords(line.right, row)}</small>
      {line.right.map(({ value }, index) => (
        <p key={index} className="mono">
          {value}
        </p>
      ))}
    </div>
  );
}

/** `row` is the row of the file where it is known; `changes` are drawn below. */
export function SeamLine({
  line,
  layout,
  fitted,
  row,
  changes,
}: {
  line: Line;
  layout: Layout;
  fitted: Fitted;
  row: string;
  changes: ReactNode[];
}) {
  const sign = line.right.length ? '=' : '–';
  const most = line.most ? line.most + line.lead : undefined;
  return (
    <section className="seam-line">
      <div>
        <small>{line.name}</small>
        {line.left.map((text, index) => (
          <p key={index}>
            <Marked text={text} most={most} layout={layout} />
          </p>
        ))}
      </div>
      <div className="gutter sign" aria-hidden>
        {changes.length ? '!' : sign}
      </div>
      <Cells line={line} layout={layout} fitted={fitted} row={row} />
      {changes}
    </section>
  );
}

/** What a further question holds that one became for this receiver. */
export function FurtherPart({
  places,
  n,
  of,
  changes,
  row,
}: {
  places: ReturnType<typeof furtherParts>[number];
  n: number;
  of: number;
  changes: ReactNode[];
  row: string;
}) {
  return (
    <section className="seam-line">
      <div>
        <small>{i18n._('question {n, number} of {of, number}', { n, of })}</small>
      </div>
      <div className="gutter sign" aria-hidden>
        +
      </div>
      <div>
        {places.map(({ place, heading, value }, index) => (
          <p key={index} className="mono">
            <small>
              {place}
              {row} {heading}
            </small>
            {value}
          </p>
        ))}
      </div>
      {changes}
    </section>
  );
}
