// What a finished file sets for all of its questions.
import type { Layout, Settings, Sheet } from '../model';
import { parseCell } from '../shared/cells';
import { numberOf } from '../shared/normalise';

type FileSetting = NonNullable<Layout['settings']>[number];

const YES_NO = { yes: 'yes', no: 'no' };
const USES = { yes: 'scored', no: 'practice' };

function valueOf({ setting, values }: FileSetting, text: string): Settings[keyof Settings] {
  if (setting === 'attempts' || setting === 'points' || setting === 'seconds') {
    return numberOf(text);
  }
  const words = values ?? (setting === 'use' ? USES : YES_NO);
  const says = [words.no, words.yes].indexOf(text);
  if (says < 0) {
    return undefined;
  }
  if (setting === 'use') {
    return says ? 'scored' : 'practice';
  }
  return says === 1;
}

/** The settings of a file, by its layout; a cell that says nothing it could mean is left out. */
export function settingsIn(sheet: Sheet | undefined, { settings = [] }: Layout): Settings {
  const entries = settings.flatMap((one) => {
    const place = parseCell(one.cell);
    const text = place ? (sheet?.rows[place.row]?.[place.column] ?? '') : '';
    const value = valueOf(one, text);
    return value === undefined ? [] : [[one.setting, value] as const];
  });
  return Object.fromEntries(entries);
}
