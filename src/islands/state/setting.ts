// How the user likes things to stand: kept in the store, the same in every place that asks.
import { useCallback, useEffect } from 'react';
import { useStore } from 'zustand';
import { createStore } from 'zustand/vanilla';
import { theStore } from './bank';
import { quietly } from './quietly';

const hold = createStore<{ values: ReadonlyMap<string, unknown> }>(() => ({ values: new Map() }));

const put = (name: string, value: unknown): void =>
  hold.setState(({ values }) => ({ values: new Map(values).set(name, value) }));

async function load(name: string): Promise<void> {
  const kept = await theStore().setting(name);
  if (kept !== undefined && !hold.getState().values.has(name)) {
    put(name, kept);
  }
}

export function saveSetting(name: string, value: unknown): void {
  put(name, value);
  quietly(theStore().saveSetting(name, value));
}

/** A setting by its name, `usual` until there is one; and how to change it. */
export function useSetting<Value>(name: string, usual: Value): [Value, (value: Value) => void] {
  const kept = useStore(hold, ({ values }) => values.get(name) as Value | undefined);
  useEffect(() => {
    quietly(load(name));
  }, [name]);
  const save = useCallback((value: Value) => saveSetting(name, value), [name]);
  return [kept ?? usual, save];
}
