// How the receiver wants the right answer written: from its samples, its words, its lists.
import { tickedColumns } from '../../shared/ticked-pair';
import { fromKeyColumn } from './column';
import { having, type KeyEvidence, type KeyLearned } from './evidence';
import { fromTicks, fromVerdicts, withoutColumn } from './options';
import { say } from '../../shared/say';

/** The key style of a blank's rows, with the reason. */
export function learnKey(evidence: KeyEvidence): KeyLearned {
  if (having(evidence, 'weight').length) {
    return {
      key: { style: 'weight' },
      sure: true,
      because: say('a column after each option holds per cent'),
    };
  }
  if (having(evidence, 'verdict').length && having(evidence, 'option').length) {
    return fromVerdicts(evidence);
  }
  const ticked = tickedColumns(evidence.columns);
  if (ticked) {
    return fromTicks(evidence, ticked);
  }
  if (having(evidence, 'right').length) {
    return {
      key: { style: 'right-column' },
      sure: true,
      because: say('the right answer has a column of its own'),
    };
  }
  const [key] = having(evidence, 'key');
  return key ? fromKeyColumn(evidence, key) : withoutColumn(evidence);
}
