// A source that is understood: what was read beside it, what may be mended, and the step that takes it into the bank.
import { Text } from '@mantine/core';
import { useEffect, type ReactNode } from 'react';
import type { Finding } from '../../core/model';
import type { GatherAnswer } from '../../workers/protocol';
import { Bar } from '../parts/Bar';
import { fetched } from '../parts/fetched';
import { focusNext } from '../parts/focus';
import { isTyping } from '../parts/keys';
import { useGather } from '../state/gather';
import { ChosenBar } from './ChosenBar';
import { ChooseSources } from './ChooseSources';
import { Head } from './Head';
import { ReadAs } from './read-as/ReadAs';
import { Seam } from './Seam';
import { StatedSeam } from './StatedSeam';
import { WaitingReply } from './WaitingReply';
import { i18n } from '../../languages';

const TextSeam = fetched(
  () => import('./TextSeam').then((module) => ({ default: module.TextSeam })),
  <Text c="dimmed">{i18n._('Opening the text …')}</Text>,
);

/** Whether a finding is about the whole source, and not about a question, a cell or a line that shows it. */
const isGeneral = ({ item, where, level }: Finding): boolean =>
  !item && !where?.cell && (level !== 'note' || !where?.line);

function General({ findings }: { findings: readonly Finding[] }) {
  return findings.filter(isGeneral).map((finding, index) => (
    <Bar
      key={index}
      tone={finding.level === 'block' ? 'block' : 'warn'}
      role={finding.level === 'block' ? 'alert' : undefined}
    >
      {finding.message}
    </Bar>
  ));
}

/** The source beside what was understood, as its kind shows best. */
function besideOf(answer: GatherAnswer): ReactNode {
  if (answer.sheet) {
    return <Seam />;
  }
  if (answer.text !== undefined) {
    return <TextSeam />;
  }
  return answer.reading.as === 'package' && answer.items.length > 0 ? <StatedSeam /> : undefined;
}

/** Once a source is understood, the focus stands on the next act, and what was understood is said. */
function useArrival(open: string | undefined): void {
  useEffect(() => {
    if (!isTyping(document.activeElement)) {
      focusNext();
    }
  }, [open]);
}

export function Bench({ answer }: { answer: GatherAnswer }) {
  const { findings, open } = useGather();
  useArrival(open);
  const beside = besideOf(answer);
  return (
    <>
      <Head />
      <WaitingReply />
      <General findings={findings} />
      {beside && <ReadAs key={open} />}
      {beside && answer.items.length > 0 && <ChosenBar canFilter={answer.text === undefined} />}
      {beside ?? (
        <div>
          <ChooseSources label={i18n._('Choose another file')} isMain={false} />
        </div>
      )}
    </>
  );
}
