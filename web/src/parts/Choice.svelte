<script lang="ts" generics="Value extends string | number">
  interface Option {
    value: Value;
    words: string;
    note?: string;
  }

  let {
    label,
    options,
    value,
    onchoose,
    opener = $bindable(),
  }: {
    label: string;
    options: Option[];
    value: Value;
    onchoose: (value: Value) => void;
    opener?: HTMLButtonElement | undefined;
  } = $props();

  const id = $props.id();
  let open = $state(false);
  let active = $state(0);
  let typedLetters = '';
  let lastTyped = 0;

  const at = $derived(options.findIndex((option) => option.value === value));

  function show() {
    active = Math.max(0, at);
    open = true;
  }

  function choose(index: number) {
    const option = options[index];
    open = false;
    opener?.focus();
    if (option && option.value !== value) onchoose(option.value);
  }

  /** Closed, arrows change the word at once; open, they move along the list. */
  function move(by: number) {
    const next = Math.min(options.length - 1, Math.max(0, (open ? active : at) + by));
    if (open) active = next;
    else choose(next);
  }

  function find(letter: string, now: number) {
    typedLetters = now - lastTyped > 800 ? letter : typedLetters + letter;
    lastTyped = now;
    const wanted = typedLetters.toLowerCase();
    const found = options.findIndex((option) => option.words.toLowerCase().startsWith(wanted));
    if (found >= 0) active = found;
  }

  function press(event: KeyboardEvent) {
    if (event.ctrlKey || event.metaKey || event.altKey) return;
    if (event.key === 'ArrowDown') move(1);
    else if (event.key === 'ArrowUp') move(-1);
    else if (!open) return;
    else if (event.key === 'Escape') open = false;
    else if (event.key === 'Enter' || event.key === ' ') choose(active);
    else if (event.key === 'Home') active = 0;
    else if (event.key === 'End') active = options.length - 1;
    else if (event.key === 'Tab') return void (open = false);
    else if (event.key.length === 1) find(event.key, event.timeStamp);
    else return;
    event.preventDefault();
  }

  function leave(event: FocusEvent) {
    const inside = event.currentTarget as HTMLElement;
    if (!inside.contains(event.relatedTarget as Node | null)) open = false;
  }

  /** Scrolls the list alone; `scrollIntoView` would scroll the page too. */
  function reveal(item: HTMLElement) {
    const list = item.parentElement;
    if (!list) return;
    const below = item.offsetTop + item.offsetHeight - list.clientHeight;
    list.scrollTop = Math.max(below, Math.min(list.scrollTop, item.offsetTop));
  }

  /** The list opens below the word, and keeps clear of the window's right edge. */
  function place(list: HTMLElement) {
    const over = list.getBoundingClientRect().right - document.documentElement.clientWidth + 16;
    if (over > 0) list.style.setProperty('left', `${-over}px`);
  }
</script>

<span class="choice" onfocusout={leave}>
  <button
    type="button"
    bind:this={opener}
    role="combobox"
    aria-label={label}
    aria-expanded={open}
    aria-haspopup="listbox"
    aria-controls="{id}-list"
    aria-activedescendant={open ? `${id}-${active}` : undefined}
    onclick={() => (open ? (open = false) : show())}
    onkeydown={press}>{options[at]?.words ?? '…'}</button
  >
  {#if open}
    <ul role="listbox" id="{id}-list" aria-label={label} {@attach place}>
      {#each options as option, index (option.value)}
        <!-- svelte-ignore a11y_click_events_have_key_events -->
        <li
          role="option"
          id="{id}-{index}"
          aria-selected={option.value === value}
          class={{ active: index === active }}
          {@attach (item) => {
            if (index === active) reveal(item);
          }}
          onpointerdown={(event) => event.preventDefault()}
          onclick={() => choose(index)}
        >
          <span class="mark" aria-hidden="true">{option.value === value ? '✓' : ''}</span>
          <span>
            {option.words}
            {#if option.note}<small>{option.note}</small>{/if}
          </span>
        </li>
      {/each}
    </ul>
  {/if}
</span>

<style>
  .choice {
    position: relative;
    display: inline-block;
  }

  button {
    font-weight: 700;
    line-height: 1.3;
    text-align: left;
    padding: 4px 3px 0;
    border-bottom: 2px solid var(--ink);
  }

  button:hover {
    background: var(--sheet);
  }

  ul {
    position: absolute;
    z-index: 2;
    top: calc(100% + 4px);
    left: 0;
    width: max-content;
    min-width: 100%;
    max-width: min(420px, 90vw);
    max-height: 60vh;
    overflow-y: auto;
    padding: 4px 0;
    font-size: var(--type-more);
    white-space: normal;
    line-height: 1.3;
    background: var(--sheet);
    border: 2px solid var(--ink);
    border-radius: 4px;
  }

  li {
    display: flex;
    gap: 8px;
    align-items: center;
    min-height: 44px;
    padding: 4px 16px 4px 8px;
    cursor: pointer;
  }

  .mark {
    width: 16px;
  }

  .active,
  li:hover {
    background: var(--grow-wash);
  }

  small {
    display: block;
    color: var(--faded);
  }

  @media print {
    button {
      border-bottom-width: 1px;
    }
  }
</style>
