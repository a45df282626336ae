// Paste works anywhere in Gather with no field to click first, and before the place itself has been fetched.
import { useEffect } from 'react';
import { useLocation } from 'wouter';
import { defined } from '../../core/shared/defined';
import { isTyping } from '../parts/keys';
import { bankState } from '../state/bank';
import { bring, bringFiles } from '../state/gather';
import { i18n } from '../../languages';

type Copied = { files: File[]; text: string; html: string };

const copiedIn = (event: ClipboardEvent): Copied => ({
  files: [...(event.clipboardData?.files ?? [])],
  text: event.clipboardData?.getData('text/plain') ?? '',
  html: event.clipboardData?.getData('text/html').trim() ?? '',
});

/** Brings in what was copied; false where there is nothing in it. */
function bringCopied({ files, text, html }: Copied): boolean {
  if (files.length && !text) {
    void bringFiles(files);
    return true;
  }
  if (text.trim() || html) {
    void bring(defined({ name: i18n._('pasted block'), text, html: html || undefined }));
    return true;
  }
  return false;
}

function take(event: ClipboardEvent): void {
  const isOurs = !isTyping(event.target) && bankState().phase !== 'opening';
  if (isOurs && bringCopied(copiedIn(event))) {
    event.preventDefault();
  }
}

export function usePaste(): void {
  const [path] = useLocation();
  const isGather = path === '/' || path.startsWith('/gather');
  useEffect(() => {
    if (!isGather) {
      return undefined;
    }
    document.addEventListener('paste', take);
    return () => document.removeEventListener('paste', take);
  }, [isGather]);
}
