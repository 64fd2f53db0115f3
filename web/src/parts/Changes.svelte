<script lang="ts">
  import { answered, api, type Problem, type Shapes } from '../api/client';
  import { growHere } from '../shell/grow.svelte';
  import { CHANGED, fieldWords } from '../words/changes';
  import { dateAndTime } from '../words/dates';
  import Button from './Button.svelte';
  import Notice from './Notice.svelte';

  /** Who changed what, of a whole grow or of one thing in it; looked up when it is opened. */
  let { of = {}, names = false }: {
    of?: { tank?: number; water?: number; product?: number };
    /** Whether each line names the thing: where they are of more than one. */
    names?: boolean;
  } = $props(); // prettier-ignore

  const grow = growHere();
  let items = $state.raw<Shapes['ChangeOut'][]>([]);
  let older = $state<number | null>(null);
  let problem = $state.raw<Problem | undefined>();
  let isRead = $state(false);

  const when = (at: string) => dateAndTime(new Date(at), grow.overview?.time_zone);

  async function read(before?: number) {
    const params = { path: { grow_id: grow.id }, query: { ...of, ...(before ? { before } : {}) } };
    const outcome = await answered(api.GET('/api/grows/{grow_id}/changes', { params }));
    problem = outcome.problem;
    if (!outcome.data) return;
    items = before ? [...items, ...outcome.data.items] : outcome.data.items;
    older = outcome.data.before;
    isRead = true;
  }
</script>

<details ontoggle={(event) => event.currentTarget.open && void read()}>
  <summary>Who changed what</summary>
  <Notice {problem} />
  {#if isRead && !items.length}<p>Nobody has changed anything yet.</p>{/if}
  <ol>
    {#each items as item (item.id)}
      <li>
        <span class="quiet">{when(item.at)}, {item.by ?? 'somebody who is gone'}</span>
        {#if names}<b>{item.kind} {item.name}</b>{/if}
        {#if item.what !== 'changed'}{CHANGED[item.what]}{/if}
        {#each item.fields as one (one.field)}
          <span class="field">
            {fieldWords(one.field)}: {one.before || 'nothing'} → <b>{one.after || 'nothing'}</b>
          </span>
        {/each}
      </li>
    {/each}
  </ol>
  {#if older}<Button onclick={() => void read(older ?? undefined)}>Older ones</Button>{/if}
</details>

<style>
  details {
    max-width: 44rem;
    margin-top: 24px;
  }

  summary {
    min-height: 44px;
    padding-top: 10px;
    font-weight: 700;
    cursor: pointer;
  }

  ol {
    padding: 0;
    list-style: none;
  }

  li {
    padding: 6px 0;
    border-top: 1px solid var(--rule);
    overflow-wrap: anywhere;
  }

  .quiet {
    color: var(--faded);
  }

  .field {
    display: block;
    padding-left: 16px;
  }
</style>
