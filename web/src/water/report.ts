import type { Overview, Shapes, Water } from '../api/client';
import { typedIn } from '../planning/settings';
import { choices, DISINFECTANTS as DISINFECTED, TREATMENTS, WATERS } from '../words/growing';

/** Fields of a water that are to change, as typed. */
export type Report = Partial<Omit<Shapes['WaterEdit'], 'seen' | 'typed_in'>>;

type Figure =
  | 'calcium'
  | 'magnesium'
  | 'potassium'
  | 'sodium'
  | 'chloride'
  | 'sulfur'
  | 'nitrate_n'
  | 'alkalinity';

export const KINDS = choices(WATERS).map(([value, words]) => ({ value, words }));

const NOTES: Partial<Record<keyof typeof DISINFECTED, string>> = {
  chlorine: 'gasses off in about 24 h',
  chloramine: 'stays: active carbon or a neutraliser',
};

export const DISINFECTANTS: {
  value: keyof typeof DISINFECTED | '';
  words: string;
  note?: string;
}[] = [
  { value: '', words: 'not known', note: 'mains count as chlorinated' },
  ...choices(DISINFECTED).map(([value, words]) => ({ value, words, note: NOTES[value] ?? '' })),
];

export const TREATED: { value: keyof typeof TREATMENTS | ''; words: string; note?: string }[] = [
  { value: '', words: 'standing open', note: 'chlorine leaves in about 24 h' },
  { value: 'carbon', words: TREATMENTS.carbon, note: 'chlorine at once; chloramine hardly' },
  { value: 'neutraliser', words: TREATMENTS.neutraliser, note: 'thiosulfate or ascorbic acid' },
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

/** A change of one water, with the fields as they were, so that nobody else's change is lost. */
export function editOf(overview: Overview, water: Water, change: Report): Shapes['WaterEdit'] {
  const names = Object.keys(change) as (keyof Report)[];
  const seen = Object.fromEntries(
    names.map((name) => (name === 'reading' ? ['ec', water.ec] : [name, asKept(water, name)])),
  );
  // What is not named stays: the request need not have every field.
  return { ...change, typed_in: typedIn(overview), seen } as Shapes['WaterEdit'];
}

function asKept(water: Water, name: keyof Report) {
  if (LINES.some((line) => line.name === name)) return water.report[name] ?? '';
  return water[name === 'temperature' ? 'celsius' : (name as keyof Water)];
}

/** A water as it is once a change is kept: what is typed stands at once, also while it is refused. */
export function withChange(water: Water, change: Report): Water {
  const {
    kind,
    reading,
    disinfectant,
    treated_by,
    reported_on,
    note,
    ph,
    temperature,
    ...figures
  } = change;
  const whole = { disinfectant, treated_by, reported_on, note, ph, temperature };
  const told = Object.entries(whole).filter(([name]) => name in change);
  return {
    ...water,
    ...Object.fromEntries(told),
    ...(kind ? { kind } : {}),
    ...('reading' in change ? { reading: (reading as string) || null, ec: null } : {}),
    report: { ...water.report, ...(figures as Record<string, string>) },
  };
}
