// Which options of a question go where a receiver takes fewer, as a decision keeps them.
type Own = Readonly<Record<string, string>>;

/** The name under which a decision keeps the places, from 0, of the options that are to go. */
const CUTS = 'options.cut';

/** The places, from 0, of the options that are to go; none where nothing was decided. */
export const cutsIn = (own: Own | undefined): number[] =>
  (own?.[CUTS] ?? '').split(',').filter(Boolean).map(Number);

/** What a decision says of texts, with the options that are to go. */
export const withCuts = (
  own: Own | undefined,
  cuts: readonly number[],
): Record<string, string> => ({
  ...own,
  [CUTS]: [...cuts].sort((a, b) => a - b).join(','),
});
