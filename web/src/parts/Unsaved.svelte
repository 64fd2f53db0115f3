<script lang="ts" generics="Value">
  import { onMount, untrack } from 'svelte';

  import { signedIn } from '../sign_in/here';
  import { weekdayAndTime } from '../words/dates';
  import Button from './Button.svelte';
  import { Draft, type KeptDraft } from './drafts';

  /** Keeps what is typed into a form on this device until it is saved, and brings it back after a
   * reload, a way back or a closed tab; thrown away on purpose. */
  let {
    form,
    value,
    changed: told,
    onrestore,
    onthrow,
  }: {
    /** Which form, and of which thing: the draft's name. */
    form: string;
    /** What was typed, as it is given back to `onrestore`. */
    value: Value;
    /** Whether something differs from what is saved; else from what stood there at first. */
    changed?: boolean;
    onrestore: (value: Value) => void;
    /** Put the form back as it was before anything was typed; else that is given back. */
    onthrow?: () => void;
  } = $props();

  const made = () => new Draft<Value>(signedIn().person ?? '', form);
  const draft = made();
  const text = () => JSON.stringify(value);
  const first = text();
  const changed = $derived(told ?? text() !== first);
  let restored = $state.raw<KeptDraft<Value> | undefined>();
  let others = $state.raw<KeptDraft<Value>[]>([]);
  let ready = $state(false);
  let unkept = $state(false);

  onMount(() => {
    const mine = draft.mine;
    others = draft.others;
    if (mine && !untrack(() => changed)) restore(mine);
    ready = true;
  });

  function restore(kept: KeptDraft<Value>) {
    restored = kept;
    onrestore(kept.value);
  }

  let wasChanged = false;
  $effect(() => {
    if (!ready) return;
    if (changed) {
      wasChanged = true;
      unkept = !draft.keep(value);
    } else if (wasChanged) forget();
  });

  /** It was saved, or undone. */
  export function forget() {
    wasChanged = false;
    restored = undefined;
    draft.drop();
  }

  function throwAway() {
    if (onthrow) onthrow();
    else onrestore(JSON.parse(first) as Value);
    forget();
  }

  function take(kept: KeptDraft<Value>) {
    others = others.filter((one) => one !== kept);
    restore(kept);
    draft.keep(kept.value);
    draft.drop(kept.tab);
  }

  function drop(kept: KeptDraft<Value>) {
    others = others.filter((one) => one !== kept);
    draft.drop(kept.tab);
  }

  const when = (kept: KeptDraft<Value>) => weekdayAndTime(new Date(kept.at));
</script>

{#if restored && changed}
  <p role="status">
    Typed {when(restored)} and not saved yet.
    <Button onclick={throwAway}>Throw it away</Button>
  </p>
{/if}
{#each changed ? [] : others as kept (kept.tab)}
  <p role="status">
    In another tab something was typed {when(kept)} and not saved.
    <Button onclick={() => take(kept)}>Go on with it</Button>
    <Button onclick={() => drop(kept)}>Throw it away</Button>
  </p>
{/each}
{#if unkept && changed}
  <p role="alert">△ This device cannot keep what you type: save it before you leave.</p>
{/if}

<style>
  p {
    color: var(--faded);
  }

  p[role='alert'] {
    font-weight: 700;
    color: var(--heed);
  }

  @media print {
    p {
      display: none;
    }
  }
</style>
