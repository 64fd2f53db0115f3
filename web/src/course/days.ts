/** Days of a grow, as counts and in words: they are the same wherever this screen is. */

export const DAY_MS = 86_400_000;

/** A day as a count of days: the grow's days are the same wherever this screen is. */
export function dayNumber(day: string): number {
  return Date.parse(`${day}T00:00:00Z`) / DAY_MS;
}

/** A day so many days after another. */
export function dayAfter(day: string, by: number): string {
  return new Date((dayNumber(day) + by) * DAY_MS).toISOString().slice(0, 10);
}

export const SHORT = new Intl.DateTimeFormat('en-GB', {
  day: 'numeric',
  month: 'short',
  timeZone: 'UTC',
});

export const MONTH = new Intl.DateTimeFormat('en-GB', {
  month: 'short',
  year: 'numeric',
  timeZone: 'UTC',
});
const YEAR = new Intl.DateTimeFormat('en-GB', { day: 'numeric', month: 'long', year: 'numeric', timeZone: 'UTC' }); // prettier-ignore

export function shortDay(day: string): string {
  return SHORT.format(new Date(dayNumber(day) * DAY_MS));
}

/** A day with its month, and its year where that is not the one of `today`. */
export function longDay(day: string, today: string): string {
  const words = YEAR.format(new Date(dayNumber(day) * DAY_MS));
  return day.slice(0, 4) === today.slice(0, 4) ? words.slice(0, -5) : words;
}
