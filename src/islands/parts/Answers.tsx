// A question's answers in reading order: options with their letters, the right one barred and said; or what is accepted.
import { UnstyledButton, VisuallyHidden } from '@mantine/core';
import type { Item, Option } from '../../core/model';
import { numberWords, optionLetter } from '../../core/shared/plain';
import { Rich } from './Rich';
import { i18n } from '../../languages';

/** What is accepted where there are no options to choose from. */
function acceptedOf({ accepted, steps, pairs, gaps, number }: Item): string[] {
  return (
    accepted ??
    steps?.map((step) => step.plain) ??
    pairs?.map((pair) => `${pair.left.plain} – ${pair.right.plain}`) ??
    gaps?.map((gap) => gap.accepted.join(' / ')) ??
    (number ? [numberWords(number)] : [])
  );
}

/** An option's letter, its text, and whether it is right. */
export function OptionWords({
  option,
  index,
  isStacked,
}: {
  option: Option;
  index: number;
  isStacked: boolean;
}) {
  return (
    <>
      <span className="mono letter">{optionLetter(index)}</span>{' '}
      {option.text.plain ? <Rich text={option.text} /> : <em>{i18n._('empty')}</em>}
      {option.right && isStacked && <span className="right-word"> {i18n._('right')}</span>}
      {option.right && !isStacked && <VisuallyHidden> {i18n._('right')}</VisuallyHidden>}
    </>
  );
}

/** An option that is marked as right by a press. */
export function PickOption({
  onPick,
  ...words
}: {
  option: Option;
  index: number;
  isStacked: boolean;
  onPick: (index: number) => void;
}) {
  const { option, index } = words;
  return (
    <UnstyledButton
      className="answer"
      aria-pressed={option.right}
      title={option.right ? i18n._('Marked as right') : i18n._('Mark as right')}
      onClick={() => onPick(index)}
    >
      <OptionWords {...words} />
    </UnstyledButton>
  );
}

type Props = {
  item: Item;
  /** Hears which option is to be right; absent where the key can't be changed here. */
  onPick?: (index: number) => void;
  /** One below the other, with the word "right" behind. */
  stacked?: boolean;
};

function Options({ item, onPick, stacked = false }: Props) {
  return (
    <ol className={`answers ${stacked ? 'stacked' : ''}`}>
      {item.options!.map((option, index) => (
        <li key={index} className={option.right ? 'right-bar' : ''}>
          {onPick ? (
            <PickOption option={option} index={index} isStacked={stacked} onPick={onPick} />
          ) : (
            <span>
              <OptionWords option={option} index={index} isStacked={stacked} />
            </span>
          )}
        </li>
      ))}
    </ol>
  );
}

export function Answers({ item, onPick, stacked = false }: Props) {
  if (item.options?.length) {
    return <Options item={item} stacked={stacked} {...(onPick ? { onPick } : {})} />;
  }
  const texts = acceptedOf(item);
  if (!texts.length) {
    return null;
  }
  const isCounted = item.kind === 'order' || item.kind === 'gap';
  return (
    <ul className={`answers ${stacked ? 'stacked' : ''}`}>
      {texts.map((text, index) => (
        <li key={index} className="right-bar">
          {isCounted && <span className="mono letter">{index + 1}</span>} {text}
        </li>
      ))}
    </ul>
  );
}
