import { render, screen } from '@testing-library/svelte';
import { createRawSnippet } from 'svelte';
import { expect, test } from 'vitest';

import Notice from '../../src/parts/Notice.svelte';
import Shape from '../../src/parts/Shape.svelte';
import Table from '../../src/parts/Table.svelte';

const raw = (html: string) => createRawSnippet(() => ({ render: () => html }));

test('a problem is read out at once, with a sign before its words; none is nothing', async () => {
  const { rerender } = render(Notice, { problem: undefined });
  expect(screen.queryByRole('alert')).toBeNull();
  await rerender({ problem: { message: 'EC: “5*0.8” is not a number.' } });
  expect(screen.getByRole('alert').textContent).toBe('△ EC: “5*0.8” is not a number.');
});

test('what was done is read out when there is time, without a sign', () => {
  render(Notice, { kind: 'done', children: raw('<span>Password changed.</span>') });
  expect(screen.getByRole('status').textContent.trim()).toBe('Password changed.');
});

test('a table is named, has its heads, and is reached by keyboard to be scrolled', () => {
  render(Table, {
    label: 'Waters',
    head: ['', 'Mains', 'Rain'],
    children: raw('<tbody><tr><th scope="row">pH</th><td>7.6</td><td>6.1</td></tr></tbody>'),
  });
  expect(screen.getByRole('group', { name: 'Waters' }).tabIndex).toBe(0);
  expect(screen.getAllByRole('columnheader').map((one) => one.textContent)).toEqual([
    'Mains',
    'Rain',
  ]);
  expect(screen.getByRole('rowheader', { name: 'pH' })).toBeTruthy();
});

test('a view that loads says what it waits for', () => {
  render(Shape, { what: 'The day is being looked up' });
  expect(screen.getByRole('status').textContent).toContain('The day is being looked up');
});
