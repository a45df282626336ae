// Files read by programs that have nothing to do with this one: openpyxl and Python's csv module, gnumeric's ssconvert,
// LibreOffice's writer.
import { spawnSync } from 'node:child_process';
import { readdirSync, readFileSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { parse } from 'csv-parse/sync';
import { newFolder } from './folder';

const has = (program: string, ...args: string[]): boolean =>
  spawnSync(program, args, { stdio: 'ignore' }).status === 0;
export const HAS_OPENPYXL = has('/usr/bin/python3', '-c', 'import openpyxl');
export const HAS_GNUMERIC = has('ssconvert', '--version');
export const HAS_OFFICE = has('soffice', '--version');

function placed(name: string, bytes: Uint8Array): { folder: string; path: string } {
  const folder = newFolder();
  const path = join(folder, name.replace(/[^\w.]/g, '_'));
  writeFileSync(path, bytes);
  return { folder, path };
}

function python<T>(script: string, ...args: string[]): T {
  const out = spawnSync('/usr/bin/python3', ['-c', script, ...args], {
    encoding: 'utf8',
    maxBuffer: 64 * 1024 * 1024,
  });
  if (out.status !== 0) {
    throw new Error(out.stderr);
  }
  return JSON.parse(out.stdout) as T;
}

/** The rows of a workbook's sheet by openpyxl, which refuses damage that others repair; `formulas` names cells that would compute. */
export function byOpenpyxl(
  name: string,
  bytes: Uint8Array,
  sheet: string,
): { rows: string[][]; formulas: string[] } {
  return python(
    `import openpyxl, json, sys, warnings
warnings.simplefilter('ignore')
ws = openpyxl.load_workbook(sys.argv[1])[sys.argv[2]]
say = lambda v: '' if v is None else str(v)
print(json.dumps({'rows': [[say(c.value) for c in row] for row in ws.iter_rows(min_row=1, min_col=1)], 'formulas': [c.coordinate for row in ws.iter_rows() for c in row if c.data_type == 'f']}))`,
    placed(name, bytes).path,
    sheet,
  );
}

/** The rows of a workbook's or open document's sheet by gnumeric. */
export function byGnumeric(name: string, bytes: Uint8Array, sheet: string): string[][] {
  const { folder, path } = placed(name, bytes);
  const out = spawnSync('ssconvert', ['-S', path, join(folder, 'sheet-%n.csv')], {
    encoding: 'utf8',
  });
  if (out.status !== 0) {
    throw new Error(out.stderr);
  }
  const files = readdirSync(folder)
    .filter((file) => file.endsWith('.csv'))
    .sort();
  const index = Number(sheet);
  return parse(readFileSync(join(folder, files[index]!)), {
    relax_column_count: true,
  }) as string[][];
}

/** The records of a text file by Python's csv module, strict. */
export function byPython(
  name: string,
  bytes: Uint8Array,
  encoding: string,
  delimiter: string,
): string[][] {
  return python(
    `import csv, json, sys
with open(sys.argv[1], encoding=sys.argv[2], newline='') as f: print(json.dumps(list(csv.reader(f, delimiter=sys.argv[3], strict=True))))`,
    placed(name, bytes).path,
    encoding,
    delimiter,
  );
}

/** A document as LibreOffice opens it: its text, and how many pages it prints. */
export function byOffice(name: string, bytes: Uint8Array): { text: string; pages: number } {
  const { folder, path } = placed(name, bytes);
  const converted = (to: string, ending: string): Buffer => {
    // A profile of its own, so that no other office that runs on the machine is asked.
    const profile = `-env:UserInstallation=file://${folder}/profile`;
    const out = spawnSync(
      'soffice',
      [profile, '--headless', '--convert-to', to, '--outdir', folder, path],
      { encoding: 'utf8', timeout: 120_000 },
    );
    if (out.status !== 0) {
      throw new Error(out.stderr);
    }
    return readFileSync(path.replace(/\.\w+$/, ending));
  };
  const pdf = converted('pdf', '.pdf').toString('latin1');
  return {
    text: converted('txt:Text (encoded):UTF8', '.txt').toString('utf8'),
    pages: pdf.match(/\/Type\s*\/Page\b/g)?.length ?? 0,
  };
}
