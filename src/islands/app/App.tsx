// The application: one island, a router of its own, views loaded when first opened.
import { I18nProvider } from '@lingui/react';
import { MantineProvider, localStorageColorSchemeManager } from '@mantine/core';
import { useHotkeys } from '@mantine/hooks';
import { useEffect } from 'react';
import { Redirect, Route, Switch, useLocation } from 'wouter';
import { useBank } from '../state/bank';
import { start } from '../state/banks';
import { keepCopies } from '../state/copies';
import { DEMO } from '../state/demo';
import { countSteps } from '../state/since-file';
import { restoreBench } from '../state/gather';
import { keepForOffline } from '../state/offline';
import { startCore } from '../../workers/client';
import { toggleCommands, useCommandList } from './asked-commands';
import { fetchAhead, JoinRound, ROUTES } from './fetched-places';
import { Opening } from './Opening';
import { PlaceBoundary } from './PlaceBoundary';
import { Said } from '../parts/Said';
import { fetchCorner } from '../parts/say';
import { Shell } from './Shell';
import { cssVariables, theme } from './theme';
import { i18n } from '../../languages';

const colourScheme = localStorageColorSchemeManager({ key: 'cowslip-colour-scheme' });

function Places() {
  const phase = useBank((state) => state.phase);
  const [path] = useLocation();
  if (phase === 'opening') {
    return <Opening what={i18n._('the bank')} />;
  }
  return (
    <PlaceBoundary key={path.split('/')[1]}>
      <Switch>
        {ROUTES.map(([route, Place]) => (
          <Route key={route} path={route}>
            <Place />
          </Route>
        ))}
        <Route>
          <Redirect to="/gather" />
        </Route>
      </Switch>
    </PlaceBoundary>
  );
}

/** The commands, from when they are first asked for. */
function WhenAsked() {
  useHotkeys([['mod+K', () => void toggleCommands()]], []);
  const List = useCommandList();
  return List && <List />;
}

/** The application itself: its state is opened, its places stand in their frame. */
function Whole({ demo }: { demo: boolean }) {
  useEffect(() => {
    // The place that the address names is fetched while the bank is opened, and so is what reads and checks.
    fetchAhead(location.pathname);
    startCore();
    void start(demo).then(restoreBench).then(fetchCorner);
    keepForOffline();
    const stops = [keepCopies(), countSteps(DEMO.id)];
    return () => stops.forEach((stop) => stop());
  }, [demo]);
  return (
    <>
      <Said />
      <WhenAsked />
      <Shell>
        <Places />
      </Shell>
    </>
  );
}

export function App({ demo }: { demo: boolean }) {
  return (
    <I18nProvider i18n={i18n}>
      <MantineProvider
        theme={theme}
        cssVariablesResolver={cssVariables}
        colorSchemeManager={colourScheme}
        defaultColorScheme="auto"
      >
        <Switch>
          {/* A learner's window needs no bank and shows nothing of it. */}
          <Route path="/join/:round">{({ round }) => <JoinRound round={round} />}</Route>
          <Route>
            <Whole demo={demo} />
          </Route>
        </Switch>
      </MantineProvider>
    </I18nProvider>
  );
}
