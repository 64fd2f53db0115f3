<script lang="ts">
  import { answered, api, type Problem, type Shapes, type SignedIn } from '../api/client';
  import { ROLE_WORDS } from '../words/people';
  import Button from '../parts/Button.svelte';
  import Notice from '../parts/Notice.svelte';
  import Field from '../parts/Field.svelte';

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
        <Field
          label="Your name here"
          bind:value={username}
          autocomplete="username"
          autocapitalize="none"
          maxlength={150}
          required
        />
        <Field
          label="A password of 8 letters or more"
          bind:value={password}
          type="password"
          autocomplete="new-password"
          maxlength={200}
          required
        />
      {/if}
      <Notice {problem} />
      <Button kind="main" size="large" wide type="submit" disabled={busy}>Join</Button>
    </form>
    {#if !seen.person}
      <p class="quiet">You have an account? Sign in first, then open the link again.</p>
    {/if}
  {:else if problem}
    <Notice>
      This link is no longer valid: it was used, revoked, or is older than a week. Ask for a new
      one.
    </Notice>
  {/if}
  <Button onclick={onleave}>{seen?.person ? 'Not now' : 'To the sign-in'}</Button>
</main>

<style>
  main {
    max-width: 420px;
    margin: 10vh auto 0;
    padding: 16px;
    font-size: var(--type-lead);
  }

  h1 {
    font-size: 2rem;
  }

  form {
    display: grid;
    gap: 16px;
    margin: 24px 0 16px;
  }

  .quiet {
    font-size: var(--type-note);
    color: var(--faded);
  }
</style>
