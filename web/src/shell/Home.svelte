<script lang="ts">
  import { go } from '../routes';
  import BringGrow from '../people/BringGrow.svelte';
  import { signedIn } from '../sign_in/here';
  import { at, GROW, TODAY } from './views';

  const first = signedIn().grows[0];
  // A phone on whose screen this stands opens at what the day asks for.
  const to = location.pathname === '/today' ? TODAY : GROW;
  if (first) go(at(to, first.id), { replace: true });
</script>

{#if !first}
  <main class="none">
    <h1>Nothing here yet</h1>
    <p>You are a member of no grow: ask whoever runs one to let you in.</p>
    <BringGrow />
  </main>
{/if}

<style>
  .none {
    padding: 48px 32px;
  }
</style>
