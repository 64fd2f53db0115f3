import { api, type SignedIn } from '../api/client';
import { forgetAll } from '../guided/device/store';

const OWED = 'brisk-measure.sign-out-owed';
/** A server that answers later than this is silent. */
export const MOST_MS = 2000;

/**
 * Leave this device: what it remembered of the person's mixes goes at once. Without network the
 * server is told as soon as it answers again, before anything else is asked.
 */
export async function signOut(): Promise<SignedIn | undefined> {
  await forgetAll().catch(() => undefined);
  localStorage.setItem(OWED, 'yes');
  return await settleOwed();
}

/** Tell the server that somebody left, if that was not told yet. */
export async function settleOwed(): Promise<SignedIn | undefined> {
  if (localStorage.getItem(OWED) !== 'yes') return undefined;
  const signal = AbortSignal.timeout(MOST_MS);
  const answer = await api.DELETE('/api/session', { signal }).catch(() => undefined);
  if (answer?.response.status === 401 || answer?.data) localStorage.removeItem(OWED);
  return answer?.data;
}

/** Whether somebody left whom the server still takes to be here. */
export function isOwed(): boolean {
  return localStorage.getItem(OWED) === 'yes';
}
