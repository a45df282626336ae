// What stands around every place: the bar, the rail, and what the user must know wherever they are.
import { AppShell, Stack } from '@mantine/core';
import { useDisclosure, useHotkeys } from '@mantine/hooks';
import { useEffect, useState, type ReactNode } from 'react';
import { useLocation } from 'wouter';
import { keepFocus } from '../parts/focus';
import { MoreButton, useHidden } from '../parts/MoreBelow';
import { redo, undo } from '../state/bank';
import { Conflicts, Drafts, NewVersion, NoFile, Notice, Unsaved } from './Bars';
import { Announcer } from './Announcer';
import { Rail } from './Rail';
import { Top } from './Top';
import { useDrops } from './use-drops';
import { usePaste } from './use-paste';
import { useTitle } from './use-title';
import { i18n } from '../../languages';

const TOP = 48;
const RAIL = 164;

/** Undo, redo and help wherever one is; a text being typed keeps its own keys. */
function useKeys(): void {
  const [, go] = useLocation();
  useHotkeys([
    ['mod+z', () => void undo()],
    ['mod+y', () => void redo()],
    ['mod+shift+z', () => void redo()],
    ['?', () => go('/help')],
    ['shift+?', () => go('/help')],
  ]);
}

/** The place itself; where it goes on below the edge of the window it says so. */
function Place({ children }: { children: ReactNode }) {
  const [place, setPlace] = useState<HTMLElement | null>(null);
  const isHidden = useHidden(place, false);
  const on = (): void => place?.scrollBy({ top: place.clientHeight * 0.8, behavior: 'smooth' });
  return (
    <>
      <Stack
        ref={setPlace}
        pos="relative"
        gap="sm"
        px={{ base: 'sm', md: 'lg' }}
        py="md"
        h={{ md: `calc(100dvh - ${TOP}px)` }}
        mih={`calc(100dvh - ${TOP}px)`}
        style={{ overflow: 'auto' }}
      >
        <Notice />
        <NewVersion />
        <NoFile />
        <Unsaved />
        <Conflicts />
        <Drafts />
        {children}
      </Stack>
      {isHidden && <MoreButton words={i18n._('more below')} onPress={on} />}
    </>
  );
}

export function Shell({ children }: { children: ReactNode }) {
  const [isOpen, rail] = useDisclosure(false);
  useKeys();
  usePaste();
  const DropArea = useDrops();
  useTitle();
  useEffect(keepFocus, []);
  return (
    <AppShell
      header={{ height: TOP }}
      navbar={{ width: RAIL, breakpoint: 'md', collapsed: { mobile: !isOpen } }}
      transitionDuration={0}
    >
      <Announcer />
      <a href="#place" className="skip-link">
        {i18n._('Skip to the place')}
      </a>
      <AppShell.Header bg="var(--paper)">
        <Top isRailOpen={isOpen} onRail={rail.toggle} />
      </AppShell.Header>
      <AppShell.Navbar
        aria-label={i18n._('Places')}
        bg="var(--paper)"
        style={{ overflowY: 'auto' }}
      >
        <Rail onGo={rail.close} />
      </AppShell.Navbar>
      <AppShell.Main id="place" tabIndex={-1} pos="relative" style={{ outline: 'none' }}>
        <Place>{children}</Place>
        {DropArea && <DropArea />}
      </AppShell.Main>
    </AppShell>
  );
}
