// The answers of a round or a form as a file: taken away, or brought into Results at once.
import { useLocation } from 'wouter';
import { takeAway } from '../parts/take-away';
import { bringResults } from '../state/sittings';

/** `csv` makes the text when it is asked for. */
export function useAnswersFile(
  name: string,
  csv: () => string,
): { take: () => void; toResults: () => void } {
  const [, go] = useLocation();
  const bring = async (): Promise<void> => {
    const id = await bringResults([new File([csv()], name, { type: 'text/csv' })]);
    if (id) {
      go(`/results/${id}`);
    }
  };
  return {
    take: () => takeAway(name, new TextEncoder().encode(csv()), 'text/csv'),
    toResults: () => void bring(),
  };
}
