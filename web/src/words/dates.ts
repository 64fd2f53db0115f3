import { writing } from './writing.svelte';

type Parts = Intl.DateTimeFormatOptions;

const LOCALES = { day_first: 'en-GB', month_first: 'en-US', iso: 'en-GB' };
const DAY_OF_YEAR = 'YYYY-MM-DD'.length;
const formats = new Map<string, Intl.DateTimeFormat>();

/** Making a format takes far longer than using it. */
function formatOf(locale: string, parts: Parts): Intl.DateTimeFormat {
  const key = locale + JSON.stringify(parts);
  const known = formats.get(key) ?? new Intl.DateTimeFormat(locale, parts);
  formats.set(key, known);
  return known;
}

/** A date in words, or in figures with the year first, the weekday before it where that is asked. */
function dated(at: Date, parts: Parts): string {
  if (writing.dates !== 'iso') return formatOf(LOCALES[writing.dates], parts).format(at);
  const { weekday, timeZone } = parts;
  const zone = timeZone ? { timeZone } : {};
  const figures = formatOf('sv-SE', { year: 'numeric', month: '2-digit', day: '2-digit', ...zone });
  const date = figures.format(at).slice(0, DAY_OF_YEAR);
  return weekday ? `${formatOf('en-GB', { weekday, ...zone }).format(at)} ${date}` : date;
}

const utc = (day: string) => new Date(`${day}T00:00:00Z`);
const UTC = { timeZone: 'UTC' };

/** A day of the grow, `2026-11-29`, with its weekday: it is that day wherever this screen is. */
export function dayWords(day: string): string {
  return dated(utc(day), { weekday: 'long', day: 'numeric', month: 'long', ...UTC });
}

/** A day and its month, as short as may be. */
export function shortDay(day: string): string {
  return dated(utc(day), { day: 'numeric', month: 'short', ...UTC });
}

/** The same of a moment at midnight UTC, for a scale of time that has no room for years. */
export function tickDate(at: Date): string {
  const date = dated(at, { day: 'numeric', month: 'short', ...UTC });
  return writing.dates === 'iso' ? date.slice('YYYY-'.length) : date;
}

/** A month and its year, of a moment as scales of time have them. */
export function monthWords(at: Date): string {
  if (writing.dates === 'iso') return at.toISOString().slice(0, 'YYYY-MM'.length);
  return dated(at, { month: 'short', year: 'numeric', ...UTC });
}

/** A day with its month, and its year where that is not the one of `today`. */
export function longDay(day: string, today: string): string {
  const year = day.slice(0, 4) === today.slice(0, 4) ? {} : ({ year: 'numeric' } as const);
  return dated(utc(day), { day: 'numeric', month: 'long', ...year, ...UTC });
}

/** The date of a moment. */
export function dateWords(at: Date, timeZone?: string): string {
  const zone = timeZone ? { timeZone } : {};
  return dated(at, { day: 'numeric', month: 'short', year: 'numeric', ...zone });
}

/** The weekday alone, in three letters. */
export function weekday(day: string): string {
  return formatOf('en-GB', { weekday: 'short', ...UTC }).format(utc(day));
}

/** The time of day of a moment, in the grow's time zone. */
export function timeOfDay(at: Date, timeZone?: string): string {
  const zone = timeZone ? { timeZone } : {};
  const hours = writing.clock === '12' ? { hour: 'numeric' as const, hourCycle: 'h12' as const } : { hour: '2-digit' as const }; // prettier-ignore
  return formatOf('en-GB', { ...hours, minute: '2-digit', ...zone }).format(at);
}

/** The same of a time as the grow's clock shows it, `21:05`. */
export function clockWords(time: string): string {
  return timeOfDay(new Date(`1970-01-01T${time}:00Z`), 'UTC');
}

/** A moment with its weekday, for what is a few days off at most. */
export function weekdayAndTime(at: Date, timeZone?: string): string {
  const zone = timeZone ? { timeZone } : {};
  return `${formatOf('en-GB', { weekday: 'short', ...zone }).format(at)} ${timeOfDay(at, timeZone)}`;
}

/** A moment with its date and year, for what is long past. */
export function dateAndTime(at: Date, timeZone?: string): string {
  return `${dateWords(at, timeZone)}, ${timeOfDay(at, timeZone)}`;
}
