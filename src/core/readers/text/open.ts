// Text as it was decoded: markup of a standard, a page, or text that somebody wrote.
import type { Opened } from '../../model';
import type { ReaderOptions } from '../contract';
import { held, tellRuns, textStop, withoutLongRunsInLines } from '../hold';
import { looksLikeHtml, readHtml } from '../html/reader';
import { promisedIn } from '../../shared/promise';
import { asTable, stopped } from '../opened';
import { looksLikeTestXml, readTestXml } from '../test-package/reader';
import { openFences } from './fences';
import { asListed } from './listed';
import { openAs, openPlain } from './plain';

/** HTML from the clipboard: its tables, its list of terms, or its text. */
export const openHtml = (name: string, html: string): Opened =>
  held(asListed(readHtml(name, html)));

/** Text that is decoded already, as from the clipboard. `as` is what the user says it is. */
export function openText(name: string, source: string, options: ReaderOptions = {}): Opened {
  const stop = textStop(name, source);
  if (stop) {
    return stopped(name, stop);
  }
  const calm = withoutLongRunsInLines(source);
  const opened = held(textOpened(name, calm, options));
  return calm === source ? opened : tellRuns(opened, name);
}

/** A table with what the lines in front of it promise. */
function withPromise(opened: Opened, source: string): Opened {
  const promised = opened.is === 'table' ? promisedIn(source) : undefined;
  if (opened.is === 'table' && promised) {
    const { table } = opened;
    const isInTable =
      table.separator !== undefined ||
      table.sheets.some(({ lines }) => lines?.includes(promised.line));
    return isInTable ? opened : asTable({ ...table, promised });
  }
  return opened;
}

const FENCE = /^\s*(?:`{3}|~{3})/m;

function textOpened(name: string, source: string, options: ReaderOptions): Opened {
  if (options.as) {
    return openAs(name, source, { ...options, as: options.as });
  }
  if (looksLikeTestXml(source)) {
    return readTestXml(name, source);
  }
  if (looksLikeHtml(source)) {
    return openHtml(name, source);
  }
  const fenced =
    FENCE.test(source) && !options.separator ? openFences(name, source, options) : undefined;
  return withPromise(fenced ?? openPlain(name, source, options), source);
}
