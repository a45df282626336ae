// A sheet that was handed out comes back by the ordinary road: its example is left out, and who wrote it is kept.
import type { Gathered } from '../gathering';
import { formHead } from '../merging/read';
import type { Finding, Item, Table } from '../model';
import { categoryPath } from '../shared/category-path';
import { quoted } from '../shared/plain';
import { say } from '../shared/say';

/** The questions of a table with what its forms say of them; others as they are. */
export function asContributed(table: Table, gathered: Gathered): Gathered {
  const heads = new Map(
    table.sheets.flatMap((sheet) => {
      const head = formHead(sheet);
      return head ? [[sheet.name, head] as const] : [];
    }),
  );
  if (!heads.size) {
    return gathered;
  }
  const left = new Set<string>();
  const items = gathered.items.flatMap((item): Item[] => {
    const head = heads.get(item.origin?.sheet ?? '');
    if (!head) {
      return [item];
    }
    if (head.examples.has(item.origin?.row ?? 0)) {
      left.add(item.id);
      return [];
    }
    const category = item.category ?? (head.category && categoryPath(head.category));
    return [
      { ...item, origin: { ...item.origin, by: head.by }, ...(category ? { category } : {}) },
    ];
  });
  const names = [...new Set([...heads.values()].map(({ by }) => quoted(by, 30)))].join(', ');
  const note: Finding = {
    rule: 'sheet-of-contributor',
    level: 'note',
    message: say('A sheet that was handed out to {names}: the example in it is left out.', {
      names,
    }),
  };
  const findings = gathered.findings.filter(({ item }) => !item || !left.has(item));
  return { ...gathered, items, findings: [...findings, note] };
}
