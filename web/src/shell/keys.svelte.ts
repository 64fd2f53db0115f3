import { untrack } from 'svelte';

const REMEMBERED = 'brisk-measure.single-keys';

export interface Key {
  key: string;
  what: string;
  act: () => void;
}

/** Single-key shortcuts: listed with `?`, and switched off by whoever types or speaks to the page. */
export class Keys {
  list = $state<Key[]>([]);
  on = $state(localStorage.getItem(REMEMBERED) !== 'off');

  /** Add or replace a key; the function returned takes it away. */
  add(key: string, what: string, act: () => void): () => void {
    // Views add their keys in effects, which must not run again because the list has changed.
    const others = untrack(() => this.list).filter((other) => other.key !== key);
    this.list = [...others, { key, what, act }];
    return () => (this.list = untrack(() => this.list).filter((other) => other.act !== act));
  }

  switch(on: boolean) {
    this.on = on;
    localStorage.setItem(REMEMBERED, on ? 'on' : 'off');
  }
}

/** Whether a key is meant for where it goes; a dialog just closed may have the focus a moment longer. */
function isTyping(target: EventTarget | null): boolean {
  if (!(target instanceof HTMLElement)) return false;
  const dialog = target.closest('dialog');
  return dialog ? dialog.open : target.matches('input, textarea, select, [role="listbox"]');
}

/** Listen to the page's keys; the function returned stops listening. */
export function listen(keys: Keys): () => void {
  function press(event: KeyboardEvent) {
    const changed = event.ctrlKey || event.metaKey || event.altKey;
    if (!keys.on || changed || event.defaultPrevented || isTyping(event.target)) return;
    const found = keys.list.find((one) => one.key === event.key);
    if (!found) return;
    event.preventDefault();
    found.act();
  }
  window.addEventListener('keydown', press);
  return () => window.removeEventListener('keydown', press);
}
