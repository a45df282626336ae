// A question's answers in reading order: options with their letters, the right one barred and said; or what is accepted.
import type { Item } from '../../core/model';
import { Rich } from './Rich';
import { optionLetter } from '../../core/shared/plain';

export function Answers({
  item,
  onPick,
  stacked = false,
}: {
  item: Item;
  onPick?: (index: number) => void;
  stacked?: boolean;
}) {
  if (item.options?.length) {
    return (
      <ol className={`answers ${stacked ? 'stacked' : ''}`}>
        {item.options.map((option, index) => {
          const inside = (
            <>
              <span className="mono letter">{optionLetter(index)}</span>{' '}
              {option.text.plain ? <Rich text={option.text} /> : <em>empty</em>}
              {option.right && (
                <span className={stacked ? 'right-word' : 'visually-hidden'}> right</span>
              )}
            </>
          );
          return (
            <li key={index} className={option.right ? 'right-bar' : ''}>
              {onPick ? (
                <button
                  type="button"
                  className="answer"
                  aria-pressed={option.right}
                  title={option.right ? 'Marked as right' : 'Mark as right'}
                  onClick={() => onPick(index)}
                >
                  {inside}
                </button>
              ) : (
                <span>{inside}</span>
              )}
            </li>
          );
        })}
      </ol>
    );
  }
  const texts =
    item.accepted ??
    item.steps?.map((step) => step.plain) ??
    item.pairs?.map((pair) => `${pair.left.plain} – ${pair.right.plain}`) ??
    item.gaps?.map((gap) => gap.accepted.join(' / ')) ??
    (item.number
      ? [
          `${item.number.value}${item.number.tolerance ? ` ± ${item.number.tolerance}` : ''} ${item.number.unit ?? ''}`,
        ]
      : []);
  if (!texts.length) {
    return null;
  }
  const counted = item.kind === 'order' || item.kind === 'gap';
  return (
    <ul className={`answers ${stacked ? 'stacked' : ''}`}>
      {texts.map((text, index) => (
        <li key={index} className="right-bar">
          {counted && <span className="mono letter">{index + 1}</span>} {text}
        </li>
      ))}
    </ul>
  );
}
