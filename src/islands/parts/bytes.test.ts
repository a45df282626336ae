import { describe, expect, it } from 'vitest';
import { bytesShown } from './bytes';

describe('sizes', () => {
  it.each([
    [0, '0 bytes'],
    [1, '1 byte'],
    [999, '999 bytes'],
    [1000, '1 kB'],
    [92_345, '92.3 kB'],
    [999_600, '1 MB'],
    [1_440_000_000, '1.4 GB'],
    [123_456_000_000_000, '123 TB'],
    [5_000_000_000_000_000, '5,000 TB'],
  ])('%i', (bytes, shown) => {
    expect(bytesShown(bytes)).toBe(shown);
  });
});
