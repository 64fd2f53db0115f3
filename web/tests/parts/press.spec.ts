import { render, screen } from '@testing-library/svelte';
import userEvent from '@testing-library/user-event';
import { createRawSnippet } from 'svelte';
import { expect, test, vi } from 'vitest';

import Button from '../../src/parts/Button.svelte';
import Dialog from '../../src/parts/Dialog.svelte';
import ForGood from '../../src/parts/ForGood.svelte';
import Press from '../../src/parts/Press.svelte';
import TextLink from '../../src/parts/TextLink.svelte';

const words = (text: string) => createRawSnippet(() => ({ render: () => `<span>${text}</span>` }));

test('a button inside a form does not send it, unless it says so', async () => {
  const sent = vi.fn((event: Event) => event.preventDefault());
  const form = document.body.appendChild(document.createElement('form'));
  form.addEventListener('submit', sent);
  render(Button, { target: form, props: { children: words('Choose') } });
  render(Button, { target: form, props: { type: 'submit', children: words('Save') } });
  await userEvent.click(screen.getByRole('button', { name: 'Choose' }));
  expect(sent).not.toHaveBeenCalled();
  await userEvent.click(screen.getByRole('button', { name: 'Save' }));
  expect(sent).toHaveBeenCalledOnce();
});

test('a button is pressed by keyboard and says what it is', async () => {
  const onclick = vi.fn();
  render(Button, { onclick, 'aria-expanded': false, kind: 'main', children: words('Rounds') });
  await userEvent.tab();
  await userEvent.keyboard('{Enter} ');
  expect(onclick).toHaveBeenCalledTimes(2);
  expect(screen.getByRole('button', { name: 'Rounds', expanded: false })).toBe(
    document.activeElement,
  );
});

test('a press area that is disabled takes no press', async () => {
  const onclick = vi.fn();
  render(Press, { onclick, disabled: true, children: words('It is full') });
  await userEvent.click(screen.getByRole('button', { name: 'It is full' }));
  expect(onclick).not.toHaveBeenCalled();
});

test('a link keeps its address and what it downloads', () => {
  render(TextLink, { href: '/a.csv', download: 'mix.csv', children: words('CSV') });
  const link = screen.getByRole('link', { name: 'CSV' });
  expect(link.getAttribute('href')).toBe('/a.csv');
  expect(link.getAttribute('download')).toBe('mix.csv');
});

test('a dialog is named by its title and closes by its button', () => {
  // jsdom knows no dialogs: that it is shown above the page is looked at in Chromium.
  HTMLDialogElement.prototype.showModal = function () {
    this.open = true;
  };
  render(Dialog, { title: 'Your pace', onclose: vi.fn(), children: words('How fast') });
  const dialog = screen.getByRole('dialog', { name: 'Your pace' });
  expect(dialog.querySelector('form')?.method).toBe('dialog');
  expect(screen.getByRole('button', { name: 'Close' }).getAttribute('type')).toBe('submit');
});

test('what is removed for good is typed first', async () => {
  const onremove = vi.fn();
  render(ForGood, { name: 'Yard', what: 'this grow', loses: 'All of it goes.', onremove });
  await userEvent.click(screen.getByRole('button', { name: 'Remove this grow for good' }));
  const field = screen.getByRole('textbox', { name: 'To remove it, type “Yard”' });
  await userEvent.type(field, 'Yart{Enter}');
  expect(onremove).not.toHaveBeenCalled();
  await userEvent.clear(field);
  await userEvent.type(field, 'Yard{Enter}');
  expect(onremove).toHaveBeenCalledWith('Yard');
});
