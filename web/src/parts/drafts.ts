/** What is typed and not saved yet, kept on this device for whoever typed it. */

const PREFIX = 'brisk.draft.';
const TAB = 'brisk.tab';
const KEPT_DAYS = 30;
const DAY_MS = 86_400_000;

export interface KeptDraft<Value> {
  /** When it was kept last. */
  at: number;
  tab: string;
  value: Value;
}

/** This tab, also after a reload; another tab that types the same keeps a draft of its own. */
function thisTab(): string {
  try {
    const known = sessionStorage.getItem(TAB) ?? crypto.randomUUID();
    sessionStorage.setItem(TAB, known);
    return known;
  } catch {
    return 'this';
  }
}

/** The draft of one form: this tab's own, and those that other tabs left. */
export class Draft<Value> {
  #name: string;
  #tab = thisTab();

  /** @param person who types; nobody else is offered it. @param form which form, of which thing. */
  constructor(person: string, form: string) {
    this.#name = `${PREFIX}${person}.${form}.`;
  }

  /** What this tab kept, as after a reload. */
  get mine(): KeptDraft<Value> | undefined {
    return this.#read(this.#name + this.#tab);
  }

  /** What other tabs kept, the newest first. */
  get others(): KeptDraft<Value>[] {
    const names = Object.keys(localStorage).filter(
      (name) => name.startsWith(this.#name) && name !== this.#name + this.#tab,
    );
    return names.flatMap((name) => this.#read(name) ?? []).sort((one, other) => other.at - one.at);
  }

  /** Whether it could be kept: a device may be full, or keep nothing. */
  keep(value: Value, now = Date.now()): boolean {
    try {
      localStorage.setItem(this.#name + this.#tab, JSON.stringify({ at: now, value }));
      return true;
    } catch {
      return false;
    }
  }

  drop(tab = this.#tab) {
    localStorage.removeItem(this.#name + tab);
  }

  #read(name: string): KeptDraft<Value> | undefined {
    const text = localStorage.getItem(name);
    if (!text) return undefined;
    try {
      const { at, value } = JSON.parse(text) as { at: number; value: Value };
      if (Date.now() - at < KEPT_DAYS * DAY_MS)
        return { at, value, tab: name.slice(this.#name.length) };
    } catch {
      // What cannot be read is none.
    }
    localStorage.removeItem(name);
    return undefined;
  }
}
