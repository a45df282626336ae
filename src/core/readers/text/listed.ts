// A document whose paragraphs are a list of terms, or rows with tabs, as the table that it is.
import type { Document, Opened } from '../../model';
import { sheetWith } from '../../shared/sheet';
import { readDelimitedText } from '../delimited/reader';
import { asTable } from '../opened';
import { shapeOf } from './shape';
import { readTerms } from './terms';

/** Where so many of the filled paragraphs have a tab, they are rows. */
const MOSTLY_TABBED = 0.6;

function termsOf({ file, format, lines, findings }: Document): Opened | undefined {
  const terms = readTerms(
    file,
    lines.map(({ text }) => text),
  );
  return (
    terms && asTable({ file, format, sheets: [sheetWith(terms.sheet)], listsTerms: true, findings })
  );
}

function rowsOf({ file, format, lines, findings }: Document): Opened | undefined {
  const filled = lines.filter(({ text }) => text.trim()).length;
  const tabbed = lines.filter(({ text }) => text.includes('\t')).length;
  if (tabbed < filled * MOSTLY_TABBED) {
    return undefined;
  }
  const text = lines.map((line) => line.text).join('\n');
  const table = readDelimitedText(file, text, { separator: '\t' });
  return asTable({ ...table, format, findings: [...findings, ...table.findings] });
}

/** The document as a table where it is one; numbers and letters in front of paragraphs speak for questions. */
export function asListed(opened: Opened): Opened {
  if (opened.is !== 'document' || opened.document.lines.length < 2) {
    return opened;
  }
  const { document } = opened;
  if (document.lines.some(({ label }) => label && !label.startsWith('•'))) {
    return opened;
  }
  const { as } = shapeOf(document.lines.map(({ text }) => text).join('\n'), '');
  if (as === 'questions') {
    return opened;
  }
  return (as === 'terms' ? termsOf(document) : rowsOf(document)) ?? opened;
}
