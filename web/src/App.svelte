<script lang="ts">
  import { Router } from 'sv-router';

  import { api, type SignedIn } from './api/client';
  import GuidedView from './guided/GuidedView.svelte';
  import { recall } from './guided/device/store';
  import { isOwed, MOST_MS, settleOwed, signOut } from './sign_in/leaving';
  import Shape from './parts/Shape.svelte';
  import Join from './sign_in/Join.svelte';
  import SignIn from './sign_in/SignIn.svelte';
  import { about, GUIDED } from './shell/views';
  import { provideSignedIn } from './sign_in/here';
  import './routes';
  import Button from './parts/Button.svelte';

  let session = $state<SignedIn | undefined>();
  let silent = $state(false);
  let offline = $state<{ grow: number; mix: number } | undefined>();

  /** ms between two tries to reach a server that was slow or away. */
  const ASK_AGAIN_MS = 5000;

  async function look() {
    await settleOwed();
    const signal = AbortSignal.timeout(MOST_MS);
    const asked = isOwed()
      ? undefined
      : await api.GET('/api/session', { signal }).catch(() => undefined);
    session = asked?.data ?? session; // of two tries at once one may have come through
    silent = !session;
    if (silent && !isOwed()) await goOnAtTheBench();
  }

  /** Without network a mix that this device knows goes on from where it stands. */
  async function goOnAtTheBench() {
    const mix = about(GUIDED, location.pathname)?.['mix'];
    const kept = mix === undefined ? undefined : await recall(mix);
    if (mix !== undefined && kept) offline = { grow: kept.grow, mix };
  }

  function leaveBench() {
    offline = undefined;
    void look();
  }

  async function leave() {
    history.replaceState(null, '', '/');
    session = (await signOut()) ?? { person: null, grows: [], demo: session?.demo ?? false };
  }

  provideSignedIn(
    () => session ?? { person: null, grows: [], demo: false },
    () => void leave(),
  );

  /** The secret of an invitation, where the address is one. */
  let secret = $state(/^\/join\/([\w-]{20,})$/.exec(location.pathname)?.[1]);

  function goTo(path: string) {
    history.replaceState(null, '', path);
    secret = undefined;
  }

  function joined(entered: SignedIn) {
    session = entered;
    goTo('/');
  }

  void look();

  $effect(() => {
    if (!silent || offline) return;
    const again = setInterval(look, ASK_AGAIN_MS);
    return () => clearInterval(again);
  });
</script>

<svelte:window ononline={() => silent && !offline && look()} />

{#if offline}
  <GuidedView grow={offline.grow} mix={offline.mix} onleave={leaveBench} />
{:else if session && secret}
  <Join {secret} onjoined={joined} onleave={() => goTo('/')} />
{:else if session?.person}
  <Router />
{:else if session}
  <SignIn demo={session.demo} onenter={(entered) => (session = entered)} />
{:else if silent}
  <main class="silent">
    <h1>Brisk Measure</h1>
    <p role="status">The server does not answer. Nothing is lost; is it running?</p>
    <p>It is asked again every few seconds.</p>
    <Button kind="framed" onclick={look}>Try again</Button>
  </main>
{:else}
  <main><Shape what="Brisk Measure is being opened" /></main>
{/if}

<style>
  .silent {
    max-width: 30rem;
    margin: 20vh auto;
    padding: 0 24px;
    font-size: var(--type-head);
  }
</style>
