import type { Shapes } from '../api/client';

type Change = Shapes['ChangeOut'];

/** What became of a thing. */
export const CHANGED = {
  added: 'added',
  changed: 'changed',
  removed: 'removed',
} as const satisfies Record<Change['what'], string>;

/** Fields whose name alone does not say it; of all others it does. */
const FIELDS: Record<string, string> = {
  litres: 'volume, L',
  standing: 'stands while the pump rests, L',
  grown_in: 'plants stand in',
  system_kind: 'system',
  crop_kind: 'kind of crop',
  archived_at: 'archived',
  hard_form_of: 'hard-water form of',
  every_days: 'days between calibrations',
  started_on: 'started',
  ended_on: 'ended',
  treated_by: 'treatment',
  calmag: 'place of cal-mag',
  silica: 'place of silica',
  live: 'place of cultures',
  rows: 'order of rows',
};

/** A field in words; one of a document by its way in it. */
export function fieldWords(field: string): string {
  const [first = '', ...rest] = field.split('.');
  const head = FIELDS[first] ?? first.replaceAll('_', ' ').replace(/ ppm$/, ', ppm');
  return [head, ...rest.map((part) => part.replaceAll('_', ' '))].join(', ');
}
