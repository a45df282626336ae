// A box that scrolls, and says so when something of it is out of sight.
import { Box, Button, type BoxProps } from '@mantine/core';
import { useCallback, useEffect, useState, type ReactNode } from 'react';
import { i18n } from '../../languages';

/** Less than this is the end of a line, not a line. */
const HIDDEN_PIXELS = 12;

/** Whether something of a box is below its edge. `isDeep` looks again at every change within, which costs where much is drawn. */
export function useHidden(box: HTMLElement | null, isDeep: boolean): boolean {
  const [isHidden, setHidden] = useState(false);
  const look = useCallback(() => {
    setHidden(box !== null && box.scrollHeight - box.clientHeight - box.scrollTop > HIDDEN_PIXELS);
  }, [box]);
  useEffect(() => {
    if (!box) {
      return undefined;
    }
    look();
    const watch = new ResizeObserver(look);
    watch.observe(box);
    [...box.children].forEach((child) => watch.observe(child));
    const changes = new MutationObserver(look);
    changes.observe(box, { childList: true, subtree: isDeep });
    box.addEventListener('scroll', look, { passive: true });
    return () => {
      watch.disconnect();
      changes.disconnect();
      box.removeEventListener('scroll', look);
    };
  }, [box, look, isDeep]);
  return isHidden;
}

/** Says that there is more below, and goes there. */
export function MoreButton({ words, onPress }: { words: string; onPress: () => void }) {
  return (
    <Button
      size="compact-xs"
      pos="absolute"
      bottom={6}
      right={18}
      style={{ boxShadow: '0 2px 8px rgb(0 0 0 / 0.15)', zIndex: 3 }}
      onClick={onPress}
    >
      {words} ↓
    </Button>
  );
}

export function MoreBelow({
  children,
  what,
  ...box
}: BoxProps & { children: ReactNode; /** What there is more of: 'files'. */ what: string }) {
  const [element, setElement] = useState<HTMLElement | null>(null);
  const isHidden = useHidden(element, true);
  const on = (): void => {
    element?.scrollBy({ top: element.clientHeight * 0.8, behavior: 'smooth' });
  };
  return (
    <Box pos="relative" style={{ display: 'flex', minHeight: 0, minWidth: 0 }} {...box}>
      <Box ref={setElement} style={{ overflow: 'auto', flex: 1, minWidth: 0 }}>
        {children}
      </Box>
      {isHidden && <MoreButton words={i18n._('more {what} below', { what })} onPress={on} />}
    </Box>
  );
}
