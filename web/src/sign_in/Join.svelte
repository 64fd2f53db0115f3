<script lang="ts">
  import { answered, api, type Problem, type Shapes, type SignedIn } from '../api/client';
  import { ROLE_WORDS } from '../words/people';

  /** Somebody was let in by a link: with the account they have, or with a new one. */
  let {
    secret,
    onjoined,
    onleave,
  }: { secret: string; onjoined: (session: SignedIn) => void; onleave: () => void } = $props();

  let seen = $state.raw<Shapes['InvitationSeen'] | undefined>();
  let problem = $state.raw<Problem | undefined>();
  let username = $state('');
  let password = $state('');
  let busy = $state(false);

  const params = $derived({ path: { secret } });

  $effect(() => {
    void answered(api.GET('/api/invitations/{secret}', { params })).then((outcome) => {
      seen = outcome.data;
      problem = outcome.problem;
    });
  });

  async function join(event: SubmitEvent) {
    event.preventDefault();
    busy = true;
    const outcome = await answered(
      seen?.person
        ? api.POST('/api/invitations/{secret}', { params })
        : api.POST('/api/invitations/{secret}/account', { params, body: { username, password } }),
    );
    busy = false;
    problem = outcome.problem;
    if (outcome.data) onjoined(outcome.data);
  }
</script>

<main>
  <h1>Brisk Measure</h1>
  {#if seen}
    <p>
      {seen.by} invites you to <b>{seen.grow}</b> as <b>{ROLE_WORDS[seen.role].words}</b>:
      {ROLE_WORDS[seen.role].note}.
    </p>
    <form onsubmit={join}>
      {#if seen.person}
        <p>You are signed in as <b>{seen.person}</b>.</p>
      {:else}
        <label>
          Your name here
          <input
            bind:value={username}
            autocomplete="username"
            autocapitalize="none"
            maxlength="150"
            required
          />
        </label>
        <label>
          A password of 8 letters or more
          <input
            bind:value={password}
            type="password"
            autocomplete="new-password"
            maxlength="200"
            required
          />
        </label>
      {/if}
      {#if problem}<p role="alert">△ {problem.message}</p>{/if}
      <button type="submit" class="enter" disabled={busy}>Join</button>
    </form>
    {#if !seen.person}
      <p class="quiet">You have an account? Sign in first, then open the link again.</p>
    {/if}
  {:else if problem}
    <p role="alert">
      △ This link is no longer valid: it was used, revoked, or is older than a week. Ask for a new
      one.
    </p>
  {/if}
  <button type="button" class="out" onclick={onleave}
    >{seen?.person ? 'Not now' : 'To the sign-in'}</button
  >
</main>

<style>
  main {
    max-width: 420px;
    margin: 10vh auto 0;
    padding: 16px;
    font-size: 1.125rem;
  }

  h1 {
    font-size: 2rem;
  }

  form {
    display: grid;
    gap: 16px;
    margin: 24px 0 16px;
  }

  label {
    display: grid;
    gap: 4px;
    color: var(--faded);
  }

  input {
    height: 48px;
    padding: 0 8px;
    font-size: 1.125rem;
    color: var(--ink);
    background: var(--sheet);
    border: 0;
    border-bottom: 2px solid var(--ink);
  }

  .enter {
    height: 52px;
    font-weight: 700;
    color: var(--paper);
    background: var(--ink);
    border-radius: 6px;
  }

  .out {
    min-height: 44px;
    text-decoration: underline;
    text-underline-offset: 4px;
  }

  .quiet {
    font-size: 0.9375rem;
    color: var(--faded);
  }

  [role='alert'] {
    font-weight: 700;
    color: var(--danger);
  }
</style>
