// What the figures of a question say in plain words. Thresholds are common practice, no source.
import type { Finding, Item, ItemFigures } from '../model';
import { optionLetter } from '../shared/plain';
import { say } from '../shared/say';

/** Of fewer learners nothing is said: figures swing widely. */
export const FEW_LEARNERS = 10;
const EASY = 0.95;
const HARD = 0.2;
const DRAWS_STRONG = 0.1;

type Said = { rule: string; level: Finding['level']; words: string };

function ofDifficulty({ difficulty, right, answered }: ItemFigures): Said[] {
  if (difficulty !== null && difficulty > EASY) {
    const words = say('{right} of {answered} were right: it is too easy to tell anybody apart.', {
      right,
      answered,
    });
    return [{ rule: 'results-too-easy', level: 'note', words }];
  }
  return difficulty !== null && difficulty < HARD
    ? [
        {
          rule: 'results-too-hard',
          level: 'warn',
          words: say('only {right} of {answered} were right.', { right, answered }),
        },
      ]
    : [];
}

const ofDiscrimination = ({ discrimination }: ItemFigures): Said[] =>
  discrimination !== null && discrimination < 0
    ? [
        {
          rule: 'results-key-doubtful',
          level: 'warn',
          words: say(
            'those who did well in the rest were more often wrong here: look whether the key is right.',
          ),
        },
      ]
    : [];

/** What the wrong options drew: nobody, or those who do well. */
const ofOptions = ({ options = [] }: ItemFigures, item: Item | undefined): Said[] =>
  options
    .filter(({ n }) => item?.options?.[n]?.right === false)
    .flatMap(({ n, chosen, correlation }): Said[] => {
      const letter = optionLetter(n);
      if (!chosen) {
        const words = say('nobody chose {letter}: as a wrong option it does nothing.', { letter });
        return [{ rule: 'results-option-idle', level: 'note', words }];
      }
      const words = say('{letter} is wrong and draws those who do well in the rest.', { letter });
      return (correlation ?? 0) > DRAWS_STRONG
        ? [{ rule: 'results-option-draws-strong', level: 'warn', words }]
        : [];
    });

/** The findings of one question. */
export function findingsOf(figures: ItemFigures, item: Item | undefined): Finding[] {
  if (figures.answered < FEW_LEARNERS) {
    return [];
  }
  const about = item ? { item: item.id } : {};
  return [...ofDifficulty(figures), ...ofDiscrimination(figures), ...ofOptions(figures, item)].map(
    ({ rule, level, words }) => ({
      rule,
      level,
      ...about,
      message: say('{ref}: {words}', { ref: figures.ref, words }),
    }),
  );
}
