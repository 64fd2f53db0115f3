<script lang="ts">
  import { api, problemOf, type Problem, type SignedIn } from '../api/client';
  import Button from '../parts/Button.svelte';
  import Notice from '../parts/Notice.svelte';
  import Field from '../parts/Field.svelte';

  let { demo, onenter }: { demo: boolean; onenter: (session: SignedIn) => void } = $props();

  let username = $state('');
  let password = $state('');
  let problem = $state<Problem | undefined>();
  let busy = $state(false);

  type Answer = { data?: SignedIn; error?: unknown };

  async function enter(ask: () => Promise<Answer>) {
    busy = true;
    try {
      const { data, error } = await ask();
      if (data) onenter(data);
      else problem = problemOf(error);
    } catch {
      problem = problemOf(undefined);
    }
    busy = false;
  }

  function submit(event: SubmitEvent) {
    event.preventDefault();
    void enter(() => api.POST('/api/session', { body: { username, password } }));
  }
</script>

<main>
  <svg viewBox="0 0 320 96" aria-hidden="true">
    <rect x="0" y="70" width="320" height="26" class="water" />
    <path d="M0 70h46v-16h62v-20h62v-18h150" />
  </svg>
  <h1>Brisk Measure</h1>
  <p>From feed chart to measured pour.</p>
  <form onsubmit={submit}>
    <Field
      label="Name"
      bind:value={username}
      autocomplete="username"
      autocapitalize="none"
      required
    />
    <Field
      label="Password"
      bind:value={password}
      type="password"
      autocomplete="current-password"
      required
    />
    <Notice {problem} />
    <Button kind="main" size="large" wide type="submit" disabled={busy}>Sign in</Button>
  </form>
  {#if demo}
    <Button
      kind="framed"
      size="large"
      wide
      disabled={busy}
      onclick={() => enter(() => api.POST('/api/session/demo', {}))}
    >
      Look around the demo yard
    </Button>
  {/if}
</main>

<style>
  main {
    max-width: 352px;
    margin: 10vh auto 0;
    padding: 16px;
  }

  svg {
    display: block;
    width: 100%;
    margin-bottom: 24px;
  }

  path {
    fill: none;
    stroke: var(--ink);
    stroke-width: 3;
  }

  .water {
    fill: var(--water-wash);
  }

  h1 {
    font-size: 2rem;
    line-height: 1.1;
  }

  form {
    display: grid;
    gap: 16px;
    margin: 32px 0 16px;
  }
</style>
