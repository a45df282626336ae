// A receipt as a page to print or keep, readable without this program.
import type { Receipt } from '../../model';
import { count } from '../../shared/plain';
import { escapeMarkup } from '../../shared/markup';

const STYLE =
  'body{font:15px/1.45 system-ui,sans-serif;color:#1E2A25;background:#fff;max-width:50rem;margin:2rem auto;padding:0 1rem}h1{font-size:1.5rem}h2{font-size:1.1rem;margin-top:1.6rem}table{border-collapse:collapse;width:100%}th,td{text-align:left;vertical-align:top;padding:.25rem .5rem;border-bottom:1px solid #cfd6cf}code{font-family:ui-monospace,monospace;overflow-wrap:anywhere}dt{float:left;clear:left;width:10rem;color:#51606B}dd{margin:0 0 .25rem 10rem}@media print{body{margin:0}}';

const row = (...cells: string[]): string =>
  `<tr>${cells.map((cell) => `<td>${escapeMarkup(cell)}</td>`).join('')}</tr>`;
const part = (title: string, body: string): string =>
  body ? `<h2>${escapeMarkup(title)}</h2>${body}` : '';
const tableOf = (headings: readonly string[], rows: readonly string[]): string =>
  rows.length
    ? `<table><thead><tr>${headings.map((heading) => `<th>${escapeMarkup(heading)}</th>`).join('')}</tr></thead><tbody>${rows.join('')}</tbody></table>`
    : '';

function headOf(receipt: Receipt): string {
  const facts: [string, string][] = [
    ['Set', receipt.set],
    [
      'Receiver',
      `${receipt.layout.name}${receipt.again?.layout.edition ? `, edition ${receipt.again.layout.edition}` : ''}`,
    ],
    ['File', `${receipt.file.name}, ${receipt.file.size.toLocaleString('en-GB')} bytes`],
    ['Made', receipt.at.replace('T', ' ').replace(/\.\d+Z$|Z$/, ' UTC')],
    ['Questions', `${receipt.questions}, ${receipt.points} points`],
    ...(receipt.batch
      ? [['Batch', `${receipt.batch.n} of ${receipt.batch.of}`] as [string, string]]
      : []),
    ...(receipt.again?.spread !== undefined
      ? [['Right answers', `spread evenly, seed ${receipt.again.spread}`] as [string, string]]
      : []),
    ...(receipt.again?.draw
      ? [['Pool', `${receipt.again.draw} drawn at each attempt`] as [string, string]]
      : []),
    ...sectionFacts(receipt),
  ];
  return `<dl>${facts.map(([name, text]) => `<dt>${escapeMarkup(name)}</dt><dd>${escapeMarkup(text)}</dd>`).join('')}<dt>SHA-256</dt><dd><code>${escapeMarkup(receipt.file.sha256)}</code></dd></dl>`;
}

/** The sections of the set, each with what it draws. */
const sectionFacts = ({ again }: Receipt): [string, string][] =>
  (again?.sections ?? []).map(({ title, items, draw }, index) => [
    title ?? `Section ${index + 1}`,
    draw ? `${draw} of ${items.length} drawn at each attempt` : count(items.length, 'question'),
  ]);

/** The receipt as one HTML page. All texts are shown as text. */
export function receiptPage(receipt: Receipt): string {
  const { differences, questions } = receipt.readBack;
  const stems = new Map(receipt.again?.items.map((item) => [item.id, item.stem.plain]));
  const proof = differences.length
    ? `Read back by other code: ${count(differences.length, 'difference')} found, see below.`
    : `Read back by other code: ${count(questions, 'question')} as meant.`;
  const changes = receipt.items.flatMap((item) =>
    item.changes.map((change) => row(item.ref, change.field, change.from, change.to, change.why)),
  );
  return `<!doctype html><html lang="en-GB"><head><meta charset="utf-8"><title>${escapeMarkup(`Receipt: ${receipt.file.name}`)}</title><style>${STYLE}</style></head><body><h1>Receipt for ${escapeMarkup(receipt.file.name)}</h1>${headOf(receipt)}<p>${escapeMarkup(proof)}</p>${part(
    'Notes',
    (receipt.notes ?? []).map((note) => `<p>${escapeMarkup(note)}</p>`).join(''),
  )}${part(
    'Differences',
    tableOf(
      ['Question', 'Field', 'Meant', 'Found'],
      differences.map((one) =>
        row(one.n ? String(one.n) : 'the file', one.field, one.meant, one.found),
      ),
    ),
  )}${part('Changes', tableOf(['Question', 'Field', 'From', 'To', 'Why'], changes))}${part(
    'Left out',
    tableOf(
      ['Question', 'Why'],
      receipt.leftOut.map((one) => row(one.ref, one.reason)),
    ),
  )}${part(
    'Questions in the file',
    tableOf(
      ['No.', 'Reference', 'Question'],
      receipt.items.map((item, index) =>
        row(String(index + 1), item.ref, stems.get(item.id) ?? ''),
      ),
    ),
  )}</body></html>`;
}
