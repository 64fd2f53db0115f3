import { beforeEach, describe, expect, it, vi } from 'vitest';

import { pressByKey } from '../../src/guided/foot';

/** As much of an element as keys look at. */
class Element {
  open = false;
  readonly #kinds: string[];
  readonly #inside: Element | undefined;

  constructor(kinds: string[] = [], inside?: Element) {
    this.#kinds = kinds;
    this.#inside = inside;
  }

  matches = (selector: string) => this.#kinds.some((kind) => selector.split(', ').includes(kind));
  closest = (selector: string): Element | null =>
    this.matches(selector) ? this : (this.#inside?.closest(selector) ?? null);
}

const kept = new Map<string, string>();
const page = new EventTarget();
const body = new Element(['body']);
const click = vi.fn();
let button: { click: () => void } | null;
let dialog: Element | null;

vi.stubGlobal('HTMLElement', Element);
vi.stubGlobal('window', page);
vi.stubGlobal('localStorage', {
  getItem: (key: string) => kept.get(key) ?? null,
  setItem: (key: string, value: string) => kept.set(key, value),
});
vi.stubGlobal('document', {
  body,
  querySelector: (selector: string) => (selector.includes('.press') ? button : dialog),
});

const { Keys, listen } = await import('../../src/shell/keys.svelte');

function pressed(key: string, target: Element = body, more: Partial<KeyboardEvent> = {}) {
  const event = new Event('keydown', { cancelable: true });
  Object.defineProperty(event, 'target', { value: target });
  return Object.assign(event, { key, ctrlKey: false, metaKey: false, altKey: false, repeat: false, ...more }) as unknown as KeyboardEvent; // prettier-ignore
}

beforeEach(() => {
  kept.clear();
  click.mockReset();
  [button, dialog] = [{ click }, null];
});

describe('single keys', () => {
  const act = vi.fn();
  const listening = () => {
    const keys = new Keys();
    keys.add('2', 'Mix', act);
    return { keys, stop: listen(keys) };
  };
  const hit = (...of: Parameters<typeof pressed>) => {
    act.mockReset();
    const event = pressed(...of);
    page.dispatchEvent(event);
    return act.mock.calls.length;
  };

  it('do what they are listed for, until the view that added them is left', () => {
    const { keys, stop } = listening();
    expect([hit('2'), hit('3')]).toEqual([1, 0]);
    const other = vi.fn();
    const away = keys.add('2', 'Another view', other);
    expect([hit('2'), other.mock.calls.length, keys.list.length]).toEqual([0, 1, 1]);
    away();
    expect(keys.list).toEqual([]);
    stop();
  });

  it('mean nothing while somebody types, or holds another key with them', () => {
    const { stop } = listening();
    for (const kind of ['input', 'textarea', 'select', '[role="listbox"]'])
      expect(hit('2', new Element([kind]))).toBe(0);
    for (const held of ['ctrlKey', 'metaKey', 'altKey'])
      expect(hit('2', body, { [held]: true })).toBe(0);
    const open = new Element(['dialog']);
    open.open = true;
    expect(hit('2', new Element(['button'], open))).toBe(0);
    open.open = false; // just closed, and still with the focus
    expect(hit('2', new Element(['button'], open))).toBe(1);
    stop();
    expect(hit('2')).toBe(0);
  });

  it('stay off on this device for who speaks to the page', () => {
    const { keys, stop } = listening();
    keys.switch(false);
    expect(hit('2')).toBe(0);
    expect(new Keys().on).toBe(false);
    keys.switch(true);
    expect([hit('2'), new Keys().on]).toEqual([1, true]);
    stop();
  });
});

describe('a foot or a wet hand at the bench', () => {
  it.each([' ', 'Enter', 'PageDown'])('presses the large button by %j', (key) => {
    const event = pressed(key);
    pressByKey(event);
    expect([click.mock.calls.length, event.defaultPrevented]).toEqual([1, true]);
  });

  it('presses nothing by another key, by one that is held down, or without a button', () => {
    pressByKey(pressed('a'));
    pressByKey(pressed('Enter', body, { repeat: true }));
    button = null;
    pressByKey(pressed('Enter'));
    expect(click).not.toHaveBeenCalled();
  });

  it('leaves Space and Enter to what has the focus, and Page Down to the foot', () => {
    for (const kind of ['input', 'button', 'a', '[role="listbox"]'])
      for (const key of [' ', 'Enter']) pressByKey(pressed(key, new Element([kind])));
    expect(click).not.toHaveBeenCalled();
    pressByKey(pressed('PageDown', new Element(['input'])));
    expect(click).toHaveBeenCalledTimes(1);
  });

  it('answers no question that a dialog asks', () => {
    dialog = new Element(['dialog']);
    for (const key of [' ', 'Enter', 'PageDown']) pressByKey(pressed(key));
    expect(click).not.toHaveBeenCalled();
  });
});
