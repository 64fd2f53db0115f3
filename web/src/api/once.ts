/** How long a press that got no answer may be pressed again as the same act, in ms. */
const SAME_ACT = 15 * 60_000;

/** More that got no answer are requests that were given up while somebody typed on. */
const MOST_UNANSWERED = 100;

const unanswered = new Map<string, { key: string; since: number }>();

/**
 * The key of an act: one that got no answer keeps it when the same is sent again, so that it counts
 * once though nobody knows whether it arrived.
 */
export function keyOf(act: string, now = Date.now()): string {
  for (const [one, { since }] of unanswered) {
    if (now - since > SAME_ACT) unanswered.delete(one);
  }
  const [oldest] = unanswered.keys();
  if (oldest !== undefined && unanswered.size >= MOST_UNANSWERED) unanswered.delete(oldest);
  const known = unanswered.get(act) ?? { key: crypto.randomUUID(), since: now };
  unanswered.set(act, known);
  return known.key;
}

/** An act got its answer: the same once more is another one. */
export function settle(act: string) {
  unanswered.delete(act);
}
