import { expect, it, vi } from 'vitest';

import { keyOf, settle } from '../src/api/once';

vi.stubGlobal('crypto', { randomUUID: () => `key-${++made}` });
let made = 0;

it('keeps the key of an act that got no answer, and makes another once it got one', () => {
  const first = keyOf('read 1.8', 0);
  expect(keyOf('read 1.8', 1000)).toBe(first);
  expect(keyOf('read 1.9', 1000)).not.toBe(first);
  settle('read 1.8');
  expect(keyOf('read 1.8', 2000)).not.toBe(first);
});

it('takes the same a quarter of an hour later for another act', () => {
  const first = keyOf('topped up 5', 0);
  expect(keyOf('topped up 5', 16 * 60_000)).not.toBe(first);
});
