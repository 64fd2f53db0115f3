const DAY = new Intl.DateTimeFormat('en-GB', {
  weekday: 'long',
  day: 'numeric',
  month: 'long',
  timeZone: 'UTC',
});

/** A day of the grow, `2026-11-29`, in words: it is that day wherever this screen is. */
export function dayWords(day: string): string {
  return DAY.format(new Date(`${day}T00:00:00Z`));
}
