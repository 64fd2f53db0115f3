import type { Chart, Shapes, Tank, Water } from '../api/client';

/** Names by what they name, and as choices in this order; a missing one does not compile. */
export const ROLES = {
  base: 'part of a base',
  ph_adjuster: 'acid or alkali for pH',
  calmag: 'cal-mag',
  silica: 'silica',
  buffer: 'stabiliser for RO water',
  magnesium: 'magnesium',
  additive_alkaline: 'alkaline tonic',
  enzyme: 'enzyme',
  additive: 'other additive',
  booster: 'booster',
  live: 'live culture',
} as const satisfies Record<Shapes['NewProduct']['role'], string>;

export const SYSTEMS = {
  film: 'nutrient film',
  deep_water: 'deep water',
  recirculating_deep_water: 'recirculating deep water',
  aeroponic: 'aeroponics',
  ebb_and_flow: 'ebb and flow',
  drip: 'drip',
  hand: 'watering by hand',
} as const satisfies Record<NonNullable<Tank['system_kind']>, string>;

export const CROPS = {
  leafy: 'leafy',
  fruiting: 'fruiting',
  flowers: 'flowers',
} as const satisfies Record<NonNullable<Tank['crop_kind']>, string>;

export const MEDIA = {
  water: 'water culture',
  coir: 'coir',
  soil: 'soil',
} as const satisfies Record<Chart['medium'], string>;

export const WATERS = {
  mains: 'mains',
  well: 'well or borehole',
  rain: 'rain',
  ro: 'reverse osmosis',
} as const satisfies Record<Water['kind'], string>;

export const DISINFECTANTS = {
  none: 'nothing',
  chlorine: 'chlorine',
  chloramine: 'chloramine',
} as const satisfies Record<NonNullable<Water['disinfectant']>, string>;

export const TREATMENTS = {
  carbon: 'a carbon filter',
  neutraliser: 'a neutraliser',
} as const satisfies Record<NonNullable<Water['treated_by']>, string>;

export const DUE = {
  use_by: 'past its time',
  change_out: 'change out',
  look_again: 'look again',
} as const satisfies Record<NonNullable<Tank['due']>, string>;

/** A table of names as pairs, for a list of choices. */
export function choices<Key extends string>(names: Record<Key, string>): [Key, string][] {
  return Object.entries(names) as [Key, string][];
}

/** What a lab report makes of a water: its figure, and on which side of the threshold it lies. */
export const WATER_IS = {
  soft: { words: 'soft', of: 'mg/L CaCO₃', edge: 'at most' },
  moderate: { words: 'moderately hard', of: 'mg/L CaCO₃', edge: 'above' },
  hard: { words: 'hard', of: 'mg/L CaCO₃', edge: 'above' },
  very_hard: { words: 'very hard', of: 'mg/L CaCO₃', edge: 'above' },
  alkaline: { words: 'alkaline: acid at each filling', of: 'mg/L CaCO₃', edge: 'above' },
  salty_sodium: { words: 'salty', of: 'ppm sodium', edge: 'above' },
  salty_chloride: { words: 'salty', of: 'ppm chloride', edge: 'above' },
} as const satisfies Record<
  Shapes['WaterFindingOut']['what'],
  { words: string; of: string; edge: string }
>;
