import type { Shapes, Water } from '../api/client';

export type Report = Shapes['ReportIn'];

type Figure =
  | 'calcium'
  | 'magnesium'
  | 'potassium'
  | 'sodium'
  | 'chloride'
  | 'sulfur'
  | 'nitrate_n'
  | 'alkalinity';

export const KINDS: { value: Water['kind']; words: string }[] = [
  { value: 'mains', words: 'mains' },
  { value: 'well', words: 'well, borehole' },
  { value: 'rain', words: 'rain' },
  { value: 'ro', words: 'reverse osmosis' },
];

export const DISINFECTANTS: {
  value: NonNullable<Water['disinfectant']> | '';
  words: string;
  note?: string;
}[] = [
  { value: '', words: 'not known', note: 'mains count as chlorinated' },
  { value: 'none', words: 'nothing' },
  { value: 'chlorine', words: 'chlorine', note: 'gasses off in about 24 h' },
  { value: 'chloramine', words: 'chloramine', note: 'stays: active carbon or a neutraliser' },
];

/** The lines of a lab report, in the order laboratories print them. */
export const LINES: { name: Figure; words: string; unit: string }[] = [
  { name: 'calcium', words: 'calcium', unit: 'ppm' },
  { name: 'magnesium', words: 'magnesium', unit: 'ppm' },
  { name: 'potassium', words: 'potassium', unit: 'ppm' },
  { name: 'sodium', words: 'sodium', unit: 'ppm' },
  { name: 'chloride', words: 'chloride', unit: 'ppm' },
  { name: 'sulfur', words: 'sulfate, as S', unit: 'ppm S' },
  { name: 'nitrate_n', words: 'nitrate, as N', unit: 'ppm N' },
  { name: 'alkalinity', words: 'alkalinity', unit: 'mg/L CaCO₃' },
];

/** What is known of a water, as it is sent back when one figure of it changes. */
export function reportOf(water: Water): Report {
  const figures = Object.fromEntries(LINES.map(({ name }) => [name, water.report[name] ?? '']));
  return {
    ...(figures as Record<Figure, string>),
    kind: water.kind,
    reading: water.reading ?? '',
    ph: water.ph,
    temperature: water.temperature,
    disinfectant: water.disinfectant,
    reported_on: water.reported_on,
    note: water.note,
  };
}

/** A water as it is once a report is kept: what is typed stands at once, also while it is refused. */
export function withReport(water: Water, report: Report): Water {
  const figures = Object.fromEntries(LINES.map(({ name }) => [name, report[name]]));
  return {
    ...water,
    report: figures,
    kind: report.kind,
    reading: report.reading || null,
    ph: report.ph,
    temperature: report.temperature,
    disinfectant: report.disinfectant ?? null,
    reported_on: report.reported_on ?? null,
  };
}
