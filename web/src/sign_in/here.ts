import { getContext, setContext } from 'svelte';

import type { SignedIn } from '../api/client';

const HERE = Symbol('signed in');

/** Tell all views who is signed in, and how one signs out. */
export function provideSignedIn(who: () => SignedIn, leave: () => void) {
  setContext(HERE, { who, leave });
}

/** Who is signed in. */
export function signedIn(): SignedIn {
  return getContext<{ who: () => SignedIn }>(HERE).who();
}

/** How one signs out. */
export function signingOut(): () => void {
  return getContext<{ leave: () => void }>(HERE).leave;
}
