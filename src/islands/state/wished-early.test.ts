import '../../../tests/page';
import { expect, it } from 'vitest';
import { bankState } from './bank';
import { openOwn, otherBanks, start } from './banks';

it('a bank that is wished for while the store is being opened is the one that opens', async () => {
  const started = start(true);
  const [others] = await Promise.all([otherBanks(), openOwn(), started]);
  expect(others).toEqual([]);
  expect(bankState()).toMatchObject({ phase: 'ready', info: { id: 'own' }, items: [] });
});
