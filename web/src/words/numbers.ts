import { writing } from './writing.svelte';

/**
 * A text with its numbers as this person writes them. What is stored, requested or computed has a
 * point; what is typed may have either.
 */
export function written(text: string): string {
  return writing.decimal === ',' ? text.replace(/(?<![\d.])(\d+)\.(?=\d+(?![\d.]))/g, '$1,') : text;
}

/** The same of a field in which a number or words may stand: words stay as they were typed. */
export function writtenNumber(text: string): string {
  return /^\d+\.\d+$/.test(text) ? written(text) : text;
}

/** A number to so many places. */
export function fixed(value: number, places: number): string {
  return written(value.toFixed(places));
}

/** Fields of answers that are figures for people: none is taken from them again but as typed. */
const FOR_PEOPLE =
  /(^|_)shown$|^(about|accept_at|all_in|bucket|cost|dilute_to|display|last_ec|last_ph|on_top|printed|ratio|reading|standing|takes|target|threshold|until|usual_reading|volume)$/;

/** An answer of the server with its figures for people written as this person writes. */
export function forPerson(told: unknown, name = ''): unknown {
  if (typeof told === 'string') return FOR_PEOPLE.test(name) ? written(told) : told;
  if (Array.isArray(told)) return told.map((one) => forPerson(one, name));
  if (typeof told !== 'object' || told === null) return told;
  return Object.fromEntries(Object.entries(told).map(([key, one]) => [key, forPerson(one, key)]));
}
