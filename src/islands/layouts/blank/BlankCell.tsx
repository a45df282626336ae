// One cell of the blank as it looks, or what a question of the bank puts there.
import type { CellMark } from './marks';
import { i18n } from '../../../languages';

/** `looks` are its letters: b bold, m coloured, l with a list to choose from. */
export type BlankCellProps = {
  text: string;
  mark: CellMark | undefined;
  filled: string | undefined;
  looks: string;
  note: string | undefined;
  /** Points at the cell as the place of the set's title; absent where that can't be. */
  onPoint?: (() => void) | undefined;
};

function titleOf({ mark, note, looks }: BlankCellProps): string | undefined {
  const words = [
    mark?.word,
    note && i18n._('note: {note}', { note }),
    looks.includes('l') && i18n._('a list to choose from'),
  ];
  return words.filter(Boolean).join('; ') || undefined;
}

/** Whether the cell shows a question's text in place of its own. */
const isPreview = ({ filled, text, mark }: BlankCellProps): boolean =>
  filled !== undefined && (filled !== text || mark?.tone === 'sample-cell');

function Content(cell: BlankCellProps) {
  const { text, filled, mark } = cell;
  if (isPreview(cell)) {
    return (
      <span title={text ? i18n._('in place of “{text}”', { text }) : undefined}>{filled}</span>
    );
  }
  if (!text && mark?.tone === 'title-cell') {
    return (
      <em>
        {mark.word.includes('title')
          ? i18n._('title of the set')
          : i18n._('description of the set')}
      </em>
    );
  }
  return text;
}

export function BlankCell(cell: BlankCellProps) {
  const { text, mark, looks, note, onPoint } = cell;
  const hasPreview = isPreview(cell);
  const classes = [
    mark?.tone ?? '',
    hasPreview ? 'preview' : '',
    looks.includes('b') ? 'is-bold' : '',
    looks.includes('m') ? 'is-coloured' : '',
  ];
  const isList = looks.includes('l') && !text && !hasPreview;
  return (
    <td className={classes.filter(Boolean).join(' ')} title={titleOf(cell)} onDoubleClick={onPoint}>
      <Content {...cell} />
      {note && (
        <sup className="hint-mark" aria-label={i18n._('has a note')}>
          ✎
        </sup>
      )}
      {isList && (
        <span className="hint-mark" aria-hidden>
          ▾
        </span>
      )}
    </td>
  );
}
