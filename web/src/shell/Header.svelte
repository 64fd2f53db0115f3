<script lang="ts">
  import { signedIn, signingOut } from '../sign_in/here';
  import type { GrowStore } from './grow.svelte';
  import { go } from '../routes';
  import { at, PEOPLE, VIEWS, type View } from './views';
  import Button from '../parts/Button.svelte';

  /** The views of a grow, what the view on screen offers besides, and the way out. */
  let {
    grow,
    here,
    planned,
    onview,
  }: { grow: GrowStore; here: View | undefined; planned: boolean; onview: (view: View) => void } =
    $props();

  const signOut = signingOut();
</script>

<header>
  {#if planned}
    <ul class="views" aria-label="Views">
      {#each VIEWS as one (one.path)}
        <li>
          <button
            type="button"
            class={{ here: one === here }}
            aria-current={one === here ? 'page' : undefined}
            onclick={() => onview(one)}>{one.words}</button
          >
        </li>
      {/each}
    </ul>
  {/if}
  <Button onclick={() => go(at(PEOPLE, grow.id))}
    >{signedIn().person}<span class="unseen">: your account, and who works here</span></Button
  >
  {#if grow.overview}
    <Button onclick={() => (grow.asking = 'units')}>Units</Button>
    {#each grow.offers as offer (offer.words)}
      <Button onclick={offer.act}>{offer.words}</Button>
    {/each}
  {/if}
  <Button onclick={() => (grow.asking = 'keys')} aria-label="Keys">?</Button>
  <Button onclick={signOut}>Sign out</Button>
</header>

<style>
  header {
    display: flex;
    justify-content: flex-end;
    align-items: center;
    gap: 4px;
    padding: 4px 20px 4px 32px;
    font-size: var(--type-note);
    color: var(--faded);
  }

  .views {
    display: flex;
    gap: 8px;
    margin-right: auto;
    margin-left: -8px;
  }

  header .views button {
    font-size: 1rem;
    text-decoration: none;
    border-bottom: 3px solid transparent;
  }

  header .views .here {
    font-weight: 700;
    color: var(--ink);
    border-bottom-color: var(--ink);
  }

  header button {
    min-width: 44px;
    height: 44px;
    padding: 0 8px;
    text-decoration: underline;
    text-decoration-color: var(--rule);
    text-underline-offset: 4px;
  }

  @media screen and (width < 900px) {
    header {
      gap: 0;
      padding: 2px 12px;
    }

    header button {
      min-width: 40px;
      padding: 0 5px;
    }

    header {
      flex-wrap: wrap;
    }

    /* A row of their own, moved sideways: none is cut off, however many there are. */
    .views {
      flex-basis: 100%;
      gap: 0;
      margin-left: 0;
      overflow-x: auto;
    }
  }

  @media print {
    header {
      display: none;
    }
  }
</style>
