// What is found in a text and replaced: a stretch of text, whole words, or a pattern.
import { Problem } from '../shared/problem';
import { say } from '../shared/say';

export type Finding = {
  find: string;
  by: string;
  how: 'text' | 'words' | 'pattern';
  matchCase: boolean;
};

/** Patterns that look into themselves take for ever on long texts. */
const NESTED = /\([^()]*[+*}][^()]*\)[+*{]|\\\d/u;
const LONGEST_PATTERN = 200;

const literal = (text: string): string => text.replace(/[.*+?^${}()|[\]\\/-]/gu, '\\$&');

function patternOf({ find, how, matchCase }: Omit<Finding, 'by'>): RegExp {
  const flags = matchCase ? 'gu' : 'giu';
  if (how === 'text') {
    return new RegExp(literal(find), flags);
  }
  if (how === 'words') {
    return new RegExp(`(?<![\\p{L}\\p{N}])${literal(find)}(?![\\p{L}\\p{N}])`, flags);
  }
  if (find.length > LONGEST_PATTERN || NESTED.test(find)) {
    throw new Problem(
      say(
        'The pattern “{find}” repeats what repeats itself, which can take for ever. Write it in a simpler way.',
        { find: find.slice(0, 40) },
      ),
    );
  }
  try {
    return new RegExp(find, flags);
  } catch (error) {
    const why =
      error instanceof Error ? error.message.replace(/^.*: /, '') : say('it can’t be read');
    throw new Problem(say('“{find}” is no pattern: {why}.', { find: find.slice(0, 40), why }));
  }
}

/** What replaces a text's findings. Throws a Problem with a sentence where there is nothing to find, or no pattern. */
export function replacer(finding: Finding): (text: string) => string {
  if (!finding.find) {
    throw new Problem(say('Type what is to be found.'));
  }
  const pattern = patternOf(finding);
  // Only in a pattern do $1 and its like stand for what was found.
  const by = finding.how === 'pattern' ? finding.by : finding.by.replaceAll('$', '$$$$');
  return (text) => text.replace(pattern, by);
}
