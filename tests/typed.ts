// What is gathered from a text or a file of columns that a test types.
import type { Item, Overrule } from '../src/core/model';
import { gatherSource, type Gathered } from '../src/core/pipeline';
import { counter } from './make';
import { brief } from './say';

/** What is gathered from a typed text. */
export const gatherTyped = (
  text: string,
  name = 'a.txt',
  overrule: Overrule = {},
): Promise<Gathered> =>
  gatherSource({ name, bytes: new TextEncoder().encode(text) }, overrule, { id: counter() });

/** Its questions in short. */
export const briefsOf = async (text: string): Promise<string[]> =>
  (await gatherTyped(text)).items.map(brief);

/** What is gathered from the lines of a file of columns. */
export const gatherColumns = (
  lines: readonly string[],
  name = 'a.csv',
  overrule: Overrule = {},
): Promise<Gathered> => gatherTyped(`${lines.join('\r\n')}\r\n`, name, overrule);

/** The texts of the options that are right. */
export const rightOnes = ({ options = [] }: Item): string[] =>
  options.filter(({ right }) => right).map(({ text }) => text.plain);
