import { render, screen } from '@testing-library/svelte';
import userEvent from '@testing-library/user-event';
import { createRawSnippet } from 'svelte';
import { expect, test, vi } from 'vitest';

import CheckField from '../../src/parts/CheckField.svelte';
import Choice from '../../src/parts/Choice.svelte';
import DateField from '../../src/parts/DateField.svelte';
import Field from '../../src/parts/Field.svelte';
import FileField from '../../src/parts/FileField.svelte';
import InSentence from '../../src/parts/InSentence.svelte';
import OneOf from '../../src/parts/OneOf.svelte';
import SheetField from '../../src/parts/SheetField.svelte';

const words = (text: string) => createRawSnippet(() => ({ render: () => `<span>${text}</span>` }));
const WATERS = [
  ['mains', 'from the mains'],
  ['rain', 'off a roof'],
] as const;

test('a field is found by its label, keeps what is typed and marks what is wrong', async () => {
  const { rerender } = render(Field, { label: 'Volume', unit: 'L', value: '40' });
  const field = screen.getByLabelText<HTMLInputElement>(/^Volume/);
  expect(field.value).toBe('40');
  expect(field.getAttribute('aria-invalid')).toBeNull();
  await userEvent.type(field, '0');
  expect(field.value).toBe('400');
  await rerender({ wrong: true });
  expect(field.getAttribute('aria-invalid')).toBe('true');
});

test('a field with a few words to choose from takes one of them', async () => {
  render(Field, { label: 'Kind', value: 'mains', options: WATERS });
  const field = screen.getByRole<HTMLSelectElement>('combobox', { name: 'Kind' });
  await userEvent.selectOptions(field, 'off a roof');
  expect(field.value).toBe('rain');
});

test('a line of a sheet keeps once it is left, as it was typed', async () => {
  const onkeep = vi.fn();
  render(SheetField, { label: 'Left in it', value: '420', unit: 'mL', onkeep });
  const field = screen.getByRole('textbox', { name: /Left in it/ });
  await userEvent.clear(field);
  await userEvent.type(field, '4,5 dL');
  expect(onkeep).not.toHaveBeenCalled();
  await userEvent.tab();
  expect(onkeep).toHaveBeenCalledExactlyOnceWith('4,5 dL');
});

test('a word in a sentence keeps without the blanks around it', async () => {
  const onkeep = vi.fn();
  render(InSentence, { label: 'Crop', value: 'mint', onkeep });
  const field = screen.getByRole('textbox', { name: 'Crop' });
  await userEvent.clear(field);
  await userEvent.type(field, '  shiso ');
  await userEvent.tab();
  expect(onkeep).toHaveBeenCalledExactlyOnceWith('shiso');
});

test('a tick turns by mouse and by keyboard', async () => {
  const onturn = vi.fn();
  render(CheckField, { onturn, children: words('as a film') });
  const tick = screen.getByRole('checkbox', { name: 'as a film' });
  await userEvent.click(tick);
  await userEvent.keyboard(' ');
  expect(onturn.mock.calls).toEqual([[true], [false]]);
});

test('one of a few is chosen by arrows and by its words', async () => {
  const onchoose = vi.fn();
  render(OneOf, { title: 'Water', options: WATERS, value: 'mains', onchoose });
  expect(screen.getByRole('group', { name: 'Water' })).toBeTruthy();
  expect(screen.getByRole<HTMLInputElement>('radio', { name: 'from the mains' }).checked).toBe(
    true,
  );
  await userEvent.click(screen.getByRole('radio', { name: 'off a roof' }));
  expect(onchoose).toHaveBeenCalledExactlyOnceWith('rain');
});

test('a day that is emptied is none', async () => {
  const onkeep = vi.fn();
  render(DateField, { label: 'Best before', value: '2026-12-02', onkeep });
  const field = screen.getByLabelText<HTMLInputElement>('Best before');
  expect(field.value).toBe('2026-12-02');
  await userEvent.clear(field);
  await userEvent.tab();
  expect(onkeep).toHaveBeenLastCalledWith(null);
});

test('the same file can be chosen again', async () => {
  const onfile = vi.fn();
  render(FileField, { words: 'Choose a file', accept: '.csv', onfile });
  const field = screen.getByLabelText<HTMLInputElement>('Choose a file');
  const file = new File(['a'], 'a.csv', { type: 'text/csv' });
  await userEvent.upload(field, file);
  await userEvent.upload(field, file);
  expect(onfile).toHaveBeenCalledTimes(2);
  expect(field.value).toBe('');
});

test('a choice opens, is searched by letters, left by Escape and taken by Enter', async () => {
  const onchoose = vi.fn();
  const options = WATERS.map(([value, said]) => ({ value, words: said }));
  render(Choice, { label: 'Water', options, value: 'mains', onchoose });
  const opener = screen.getByRole('combobox', { name: 'Water' });
  await userEvent.click(opener);
  expect(screen.getAllByRole('option').map((one) => one.ariaSelected ?? one.getAttribute('aria-selected'))).toEqual(['true', 'false']); // prettier-ignore
  await userEvent.keyboard('{Escape}');
  expect(screen.queryByRole('listbox')).toBeNull();
  await userEvent.click(opener);
  await userEvent.keyboard('off{Enter}');
  expect(onchoose).toHaveBeenCalledExactlyOnceWith('rain');
  expect(document.activeElement).toBe(opener);
});
