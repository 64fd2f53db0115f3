import { render, screen } from '@testing-library/svelte';
import userEvent from '@testing-library/user-event';
import { tick } from 'svelte';
import { afterEach, beforeEach, expect, it, vi } from 'vitest';

import { Draft } from '../../src/parts/drafts';
import Typing from './Typing.svelte';

vi.mock('../../src/sign_in/here', () => ({ signedIn: () => ({ person: 'wren' }) }));

beforeEach(() => {
  localStorage.clear();
  sessionStorage.clear();
});
afterEach(() => vi.restoreAllMocks());

const field = () => screen.getByLabelText<HTMLInputElement>('Remark');

it('brings back what was typed after the form was left, and throws it away on purpose', async () => {
  const first = render(Typing);
  await userEvent.type(field(), '5*0.8');
  first.unmount(); // a reload, a way back, a click elsewhere
  render(Typing);
  await tick();
  expect(field().value).toBe('as it was5*0.8');
  expect(screen.getByRole('status').textContent).toContain('not saved yet');
  await userEvent.click(screen.getByRole('button', { name: 'Throw it away' }));
  expect(field().value).toBe('as it was');
  expect(localStorage).toHaveLength(0);
});

it('keeps nothing once it is saved, or typed back', async () => {
  const first = render(Typing);
  await userEvent.clear(field());
  await userEvent.type(field(), 'new');
  await userEvent.click(screen.getByRole('button', { name: 'Save' }));
  expect(localStorage).toHaveLength(0);
  first.unmount();
  render(Typing);
  await userEvent.type(field(), '!');
  expect(localStorage).toHaveLength(1);
  await userEvent.type(field(), '{Backspace}');
  expect(localStorage).toHaveLength(0);
});

it('offers what another tab left, beside what this one types, and loses neither', async () => {
  sessionStorage.setItem('brisk.tab', 'other');
  new Draft<string>('wren', 'remark').keep('from the other tab');
  sessionStorage.setItem('brisk.tab', 'this');
  render(Typing);
  await tick();
  expect(field().value).toBe('as it was');
  await userEvent.click(screen.getByRole('button', { name: 'Go on with it' }));
  expect(field().value).toBe('from the other tab');
  expect(new Draft<string>('wren', 'remark').mine?.value).toBe('from the other tab');
  expect(new Draft<string>('wren', 'remark').others).toEqual([]);
});

it('is offered to nobody else, for a month, and a broken one is none', () => {
  const draft = new Draft<string>('wren', 'remark');
  draft.keep('mine');
  expect(new Draft<string>('heron', 'remark').mine).toBeUndefined();
  expect(draft.mine?.value).toBe('mine');
  draft.keep('old', Date.now() - 31 * 86_400_000);
  expect(draft.mine).toBeUndefined();
  draft.keep('x');
  for (const name of Object.keys(localStorage)) localStorage.setItem(name, '{');
  expect(draft.mine).toBeUndefined();
});

it('says so where the device is full', async () => {
  vi.spyOn(Storage.prototype, 'setItem').mockImplementation(() => {
    throw new DOMException('full', 'QuotaExceededError');
  });
  render(Typing);
  await userEvent.type(field(), 'x');
  expect(screen.getByRole('alert').textContent).toContain('cannot keep what you type');
});
