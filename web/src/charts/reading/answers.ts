import type { Shapes } from '../../api/client';

/** What is said of a leaflet besides: single words by name, and answers of more than one. */
export interface Answers {
  [word: string]: unknown;
  rows?: Record<string, Shapes['TakenAs']> | undefined;
  as_printed?: number[] | undefined;
  table?: number | undefined;
}

const IN_JSON = ['rows', 'as_printed', 'strength', 'hidden', 'table'];

/** Answers with more of them; another table has other rows. */
export function settled(answers: Answers, more: Answers): Answers {
  const isOther = 'sheet' in more || 'table' in more;
  const before = isOther ? { ...answers, rows: undefined, as_printed: undefined } : answers;
  return 'sheet' in more ? { ...before, table: undefined, ...more } : { ...before, ...more };
}

/** Answers as the fields of a form. */
export function formFields(answers: Answers): [string, string][] {
  const said = Object.entries(answers).filter(([, value]) => value !== undefined && value !== '');
  const words = said.filter(([name]) => !IN_JSON.includes(name));
  const others = said.filter(([name]) => IN_JSON.includes(name));
  const fields = words.map(([name, value]): [string, string] => [name, String(value)]);
  if (others.length) fields.push(['answers', JSON.stringify(Object.fromEntries(others))]);
  return fields;
}
