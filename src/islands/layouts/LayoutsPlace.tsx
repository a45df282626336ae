// Layouts: teach the program a receiver's file by dropping its blank, and correct what it learned by pointing.
import { useLocation, useParams } from 'wouter';
import { ChooseFiles } from '../parts/ChooseFiles';
import { PlaceHead, type MainAct } from '../parts/PlaceHead';
import { useActs } from '../state/acts';
import { useBank } from '../state/bank';
import { newLayout } from '../state/layouts';
import { DropBlank } from './list/DropBlank';
import { LayoutTable } from './list/LayoutTable';
import { Starters } from './list/Starters';
import { TaughtBlanks } from './list/TaughtBlanks';
import { useTeach } from './list/use-teach';
import { Teach } from './Teach';
import { useOpenLayout } from './use-open-layout';
import { i18n } from '../../languages';

const ACCEPTED = '.xlsx,.ods,.csv,.tsv,.txt,.md,.json';

/** Once a receiver is known, what comes next is to hand over to it. */
function useNext(): MainAct | undefined {
  const inView = useBank((state) => state.layouts.filter(({ chosen }) => chosen).length);
  const [, go] = useLocation();
  return inView
    ? {
        label: i18n._('Hand over to {inView, plural, one {it} other {these {inView, number}}}', {
          inView,
        }),
        help: i18n._('Fill the files of the receivers in view.'),
        run: () => go('/hand-over'),
      }
    : undefined;
}

function List() {
  const layouts = useBank((state) => state.layouts);
  const open = useOpenLayout();
  const teach = useTeach();
  const main = useNext();
  useActs('layouts', [
    {
      label: i18n._('Build a layout column by column'),
      words: i18n._('A receiver’s template from nothing'),
      run: () => open(newLayout()),
    },
  ]);
  return (
    <>
      <PlaceHead
        title={i18n._('Layouts')}
        facts={i18n._('what each receiver’s file looks like, learned from its own blank')}
        main={main}
      >
        <ChooseFiles
          label={i18n._('Choose blanks or layouts’ files')}
          accept={ACCEPTED}
          testId="blank-file"
          isMain={!main}
          onFiles={teach}
        />
      </PlaceHead>
      <TaughtBlanks />
      {layouts.length > 0 && <LayoutTable layouts={layouts} />}
      <DropBlank isFirst={!layouts.length} teach={teach} />
      <Starters />
    </>
  );
}

export default function LayoutsPlace() {
  const { id } = useParams<{ id?: string }>();
  const kept = useBank((state) => state.layouts.find((candidate) => candidate.id === id));
  return kept ? <Teach key={kept.id} kept={kept} /> : <List />;
}
