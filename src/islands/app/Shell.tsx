// What stands around every place: the bar, the rail, and what the user must know wherever they are.
import { useEffect, type ReactNode } from 'react';
import { useLocation } from 'wouter';
import { isTyping } from '../parts/keys';
import { redo, undo } from '../state/bank';
import { Conflicts, Drafts, Notice, Unsaved } from './Bars';
import { Rail } from './Rail';
import { Top } from './Top';
import { useFileDrop } from './use-file-drop';
import { usePaste } from './use-paste';

/** Undo, redo and help wherever one is; a text being typed keeps its own keys. */
function useKeys(): void {
  const [, go] = useLocation();
  useEffect(() => {
    const press = (event: KeyboardEvent): void => {
      if (event.key === '?' && !event.ctrlKey && !event.metaKey && !isTyping(event.target)) {
        go('/help');
        return;
      }
      if (!(event.ctrlKey || event.metaKey) || isTyping(event.target)) {
        return;
      }
      const key = event.key.toLowerCase();
      if (key === 'z' && !event.shiftKey) {
        event.preventDefault();
        void undo();
      } else if (key === 'y' || (key === 'z' && event.shiftKey)) {
        event.preventDefault();
        void redo();
      }
    };
    document.addEventListener('keydown', press);
    return () => document.removeEventListener('keydown', press);
  }, [go]);
}

export function Shell({ children }: { children: ReactNode }) {
  useKeys();
  usePaste();
  const drop = useFileDrop();
  return (
    <div className="shell">
      <Top />
      <Rail />
      <main className={`place ${drop.over ? 'dropping' : ''}`} data-drop={drop.words} tabIndex={-1}>
        <Notice />
        <Unsaved />
        <Conflicts />
        <Drafts />
        {children}
      </main>
    </div>
  );
}
