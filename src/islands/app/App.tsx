// The application: one island, a router of its own, views loaded when first opened.
import { MantineProvider, Skeleton, Stack, localStorageColorSchemeManager } from '@mantine/core';
import { Notifications } from '@mantine/notifications';
import { Suspense, lazy, useEffect } from 'react';
import { Redirect, Route, Switch, useLocation } from 'wouter';
import { useBank } from '../state/bank';
import { start } from '../state/banks';
import { keepCopies } from '../state/copies';
import { DEMO } from '../state/demo';
import { countSteps } from '../state/since-file';
import { restoreBench } from '../state/gather';
import { keepForOffline } from '../state/offline';
import { startCore } from '../../workers/client';
import { Commands } from './Commands';
import { PlaceBoundary } from './PlaceBoundary';
import { Shell } from './Shell';
import { cssVariables, theme } from './theme';

const LOADERS = {
  gather: () => import('../gather/GatherPlace'),
  draft: () => import('../draft/DraftPlace'),
  bank: () => import('../bank/BankPlace'),
  sets: () => import('../sets/SetsPlace'),
  layouts: () => import('../layouts/LayoutsPlace'),
  'hand-over': () => import('../hand-over/HandOverPlace'),
  rehearse: () => import('../rehearse/RehearsePlace'),
  results: () => import('../results/ResultsPlace'),
  records: () => import('../app/RecordsPlace'),
  help: () => import('../app/HelpPlace'),
};
const GatherPlace = lazy(LOADERS.gather);
const DraftPlace = lazy(LOADERS.draft);
const BankPlace = lazy(LOADERS.bank);
const SetsPlace = lazy(LOADERS.sets);
const LayoutsPlace = lazy(LOADERS.layouts);
const HandOverPlace = lazy(LOADERS['hand-over']);
const RehearsePlace = lazy(LOADERS.rehearse);
const ResultsPlace = lazy(LOADERS.results);
const RecordsPlace = lazy(LOADERS.records);
const HelpPlace = lazy(LOADERS.help);
const JoinRound = lazy(() => import('../rehearse/JoinRound'));

/** The place that the address names is fetched while the bank is opened, and so is what reads and checks. */
function fetchAhead(): void {
  const name = location.pathname.split('/')[1];
  const [, load] = Object.entries(LOADERS).find(([place]) => place === name) ?? [];
  // What can't be had is asked for again when it is shown, and told then.
  void (load ?? LOADERS.gather)().catch(() => undefined);
  startCore();
}

const colourScheme = localStorageColorSchemeManager({ key: 'cowslip-colour-scheme' });

/** Shapes of what is about to stand here. */
function Opening({ what }: { what: string }) {
  return (
    <Stack role="status" aria-label={`Opening ${what}`} gap="sm">
      <Skeleton h={26} w={260} />
      <Skeleton h={38} />
      <Skeleton h={320} />
    </Stack>
  );
}

function Places() {
  const phase = useBank((state) => state.phase);
  const [path] = useLocation();
  if (phase === 'opening') {
    return <Opening what="the bank" />;
  }
  return (
    <PlaceBoundary key={path.split('/')[1]}>
      <Suspense fallback={<Opening what="the place" />}>
        <Switch>
          <Route path="/gather">
            <GatherPlace />
          </Route>
          <Route path="/draft">
            <DraftPlace />
          </Route>
          <Route path="/bank">
            <BankPlace />
          </Route>
          <Route path="/sets/:id?">
            <SetsPlace />
          </Route>
          <Route path="/layouts/:id?">
            <LayoutsPlace />
          </Route>
          <Route path="/hand-over">
            <HandOverPlace />
          </Route>
          <Route path="/rehearse">
            <RehearsePlace />
          </Route>
          <Route path="/results/:id?">
            <ResultsPlace />
          </Route>
          <Route path="/records">
            <RecordsPlace />
          </Route>
          <Route path="/help">
            <HelpPlace />
          </Route>
          <Route>
            <Redirect to="/gather" />
          </Route>
        </Switch>
      </Suspense>
    </PlaceBoundary>
  );
}

/** The application itself: its state is opened, its places stand in their frame. */
function Whole({ demo }: { demo: boolean }) {
  useEffect(() => {
    fetchAhead();
    void start(demo).then(restoreBench);
    keepForOffline();
    const stops = [keepCopies(), countSteps(DEMO.id)];
    return () => stops.forEach((stop) => stop());
  }, [demo]);
  return (
    <>
      <Notifications position="bottom-right" autoClose={6000} />
      <Commands />
      <Shell>
        <Places />
      </Shell>
    </>
  );
}

export function App({ demo }: { demo: boolean }) {
  return (
    <MantineProvider
      theme={theme}
      cssVariablesResolver={cssVariables}
      colorSchemeManager={colourScheme}
      defaultColorScheme="auto"
    >
      <Switch>
        {/* A learner's window needs no bank and shows nothing of it. */}
        <Route path="/join/:round">
          {({ round }) => (
            <Suspense fallback={<Opening what="the round" />}>
              <JoinRound round={round} />
            </Suspense>
          )}
        </Route>
        <Route>
          <Whole demo={demo} />
        </Route>
      </Switch>
    </MantineProvider>
  );
}
