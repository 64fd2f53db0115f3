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

/** Fields of answers that are for people alone: no figure is taken from them again but as typed. */
const FOR_PEOPLE =
  /(^|_)shown$|^(about|accept_at|all_in|as_much|bucket|cost|dilute_to|display|last_ec|last_ph|meaning|message|on_top|printed|ratio|reading|standing|takes|target|threshold|until|usual_reading|volume)$/;

/** Errors name numbers in the two ways that they can be typed. */
const AS_IT_IS = 'error';

/** An answer of the server with what is for people written as this person writes. */
export function forPerson(told: unknown): unknown {
  const names = [...pointedNames(told)].sort((one, other) => other.length - one.length);
  return rewritten(told, '', names);
}

function rewritten(told: unknown, name: string, kept: string[]): unknown {
  if (typeof told === 'string') return FOR_PEOPLE.test(name) ? writtenAround(told, kept) : told;
  if (Array.isArray(told)) return told.map((one) => rewritten(one, name, kept));
  if (typeof told !== 'object' || told === null) return told;
  return Object.fromEntries(
    Object.entries(told).map(([key, one]) => [
      key,
      key === AS_IT_IS ? one : rewritten(one, key, kept),
    ]),
  );
}

/** A sentence with its numbers as this person writes them; a bottle in it keeps its name. */
function writtenAround(text: string, names: string[]): string {
  const name = names.find((one) => text.includes(one));
  if (!name) return written(text);
  return text
    .split(name)
    .map((part) => writtenAround(part, names))
    .join(name);
}

/** The names in an answer that have a number with a point in them, such as "Terra 2.0". */
function* pointedNames(told: unknown, key = ''): Generator<string> {
  if (typeof told === 'string' && key === 'name' && /\d\.\d/.test(told)) yield told;
  if (typeof told !== 'object' || told === null) return;
  for (const [under, one] of Object.entries(told)) yield* pointedNames(one, under);
}
