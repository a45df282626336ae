// What is set for the whole file: as the user wishes, else what all of its questions say alike.
import type { FileSetting, Item, Settings } from '../model';

type Setting = FileSetting['setting'];

/** What every question says; undefined where one says nothing or something else. */
function saidByAll<S extends Setting>(setting: S, items: readonly Item[]): Settings[S] {
  const [first] = items;
  const said = first?.[setting];
  return items.every((item) => item[setting] === said) ? said : undefined;
}

/** The settings that a file's form asks for, as they are to be written. */
export function settingsFor(
  asked: readonly FileSetting[] | undefined,
  wished: Settings | undefined,
  items: readonly Item[],
): Settings {
  const entries = (asked ?? []).flatMap(({ setting }) => {
    const value = wished?.[setting] ?? saidByAll(setting, items);
    return value === undefined ? [] : [[setting, value] as const];
  });
  return Object.fromEntries(entries);
}
