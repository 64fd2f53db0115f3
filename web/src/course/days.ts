/** Days of a grow, as counts: they are the same wherever this screen is. */

export const DAY_MS = 86_400_000;

/** A day as a count of days: the grow's days are the same wherever this screen is. */
export function dayNumber(day: string): number {
  return Date.parse(`${day}T00:00:00Z`) / DAY_MS;
}

/** A day so many days after another. */
export function dayAfter(day: string, by: number): string {
  return new Date((dayNumber(day) + by) * DAY_MS).toISOString().slice(0, 10);
}
