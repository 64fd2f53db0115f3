const KEYS = [' ', 'Enter', 'PageDown'];
const TAKES_KEYS = 'input, button, a, dialog, [role="listbox"]';

/** A key for a foot or a wet hand does what the large button does, unless something else takes it. */
export function pressByKey(event: KeyboardEvent) {
  const target = event.target as HTMLElement;
  const isFree = target === document.body || !target.closest(TAKES_KEYS);
  if (!KEYS.includes(event.key) || event.repeat || !(isFree || event.key === 'PageDown')) return;
  const button = document.querySelector<HTMLButtonElement>('main.screen .press');
  if (!button || document.querySelector('dialog[open]')) return;
  event.preventDefault();
  button.click();
}
