// What the question at hand becomes in one receiver's file: the seam inside the bank.
import type { Fitted, KeptLayout } from '../../../core/model';
import { numberedText } from '../../../core/shared/pattern-line';
import { fieldWords } from '../../parts/field-words';
import { PlaceCells } from '../../parts/PlaceCells';
import type { State } from '../../parts/StateSign';
import { SIGNS } from '../../parts/Finding';
import { Bar } from '../../parts/Bar';
import { useAsk } from '../../state/asking';
import { i18n } from '../../../languages';

const STATES: Record<Fitted['state'], State> = { fits: 'fine', changes: 'warn', refused: 'block' };

function wordsOf({ state, changes, reason }: Fitted): string {
  if (state === 'changes') {
    return i18n._('{changes, plural, one {# change} other {# changes}}', {
      changes: changes.length,
    });
  }
  return state === 'fits' ? i18n._('fits') : (reason ?? i18n._('does not fit'));
}

export function Receiver({
  kept,
  id,
  version,
}: {
  kept: KeptLayout;
  id: string;
  /** Another one where the question may have changed. */
  version: unknown;
}) {
  const { layout } = kept;
  const { answer } = useAsk((worker) => worker.fitOne(id, layout), [id, kept, version]);
  const fitted = answer?.fitted;
  if (!fitted) {
    return null;
  }
  const state = STATES[fitted.state];
  return (
    <details className="receiver">
      <summary>
        <span className={`sign ${state}`} aria-hidden>
          {state === 'fine' ? '✓' : SIGNS[state]}
        </span>{' '}
        {layout.name}: {wordsOf(fitted)}
      </summary>
      {fitted.changes.map((change, index) => (
        <Bar key={index} tone="warn">
          {fieldWords(change.field)}: {change.why}.
        </Bar>
      ))}
      {fitted.cells && <PlaceCells layout={layout} fitted={fitted} />}
      {fitted.text !== undefined && (
        <pre className="paragraph mono">{numberedText(fitted.text, 1, 1)}</pre>
      )}
    </details>
  );
}
