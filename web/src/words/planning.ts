/** The words for the codes that the rules answer with. */

import type { Caution, Element, MeasuringVessel, MixOut, Pour } from '../api/client';

type RestsOn = MixOut['climb']['risers'][number]['basis'];

export const WHY: Record<string, string> = {
  buffer_steadies_water: 'First: steadies water that has no buffer',
  silica_alone: 'Alone and early, or it gels with what follows',
  silica_before_concentrate: 'Moved up: silica gels in anything stronger',
  calmag_before_base: 'Calcium for soft water, before the base',
  calmag_after_base: 'After the base, as you chose',
  calcium_before_phosphate: 'Calcium first, before phosphate',
  pair_follows: 'The other half of the pair, into diluted feed',
  base_in_rank: 'Next part of the base, as the maker ranks it',
  base_alone: 'The base, when the water is ready for it',
  dry_calcium_last: 'Calcium salt last, dissolved on its own',
  magnesium_last_mineral: 'Last of the minerals, away from calcium',
  alkaline_before_other_additives: 'Lifts pH: before the other additives',
  enzyme_before_boosters: 'Before the boosters',
  additive_after_base: 'Into the finished base',
  booster_after_additives: 'Phosphate late, or the tank clouds',
  ph_after_feed: 'After the feed: nutrients move pH',
  live_after_ph: 'Last, after pH: acid harms live cultures',
  live_in_plain_water: 'First, in plain water, as you chose',
  live_where_chart_says: 'Where the chart puts it; see that no acid follows',
  chart_order: 'The chart prints its rows as the order',
  label_says_after: 'Its label puts it after the one before',
};

export const LEFT_OUT: Record<string, string> = {
  no_room: 'the water leaves no room',
  override: 'you left it out',
  zero_dose: 'the chart prints 0',
};

export const SEVERITY = {
  stop: { sign: '◆', word: 'Stop' },
  mind: { sign: '△', word: 'Mind' },
  note: { sign: '○', word: 'Note' },
} as const satisfies Record<Caution['severity'], { sign: string; word: string }>;

export const VESSELS = {
  syringe: 'syringe',
  cylinder: 'cylinder',
  jug: 'jug',
  spoon: 'teaspoon',
  marked_cup: 'marked cup',
  scale: 'scale',
} as const satisfies Record<MeasuringVessel['vessel'], string>;

/** What an expected reading rests on. */
export const RESTS_ON: Record<RestsOn, string> = {
  label: 'from its label',
  chart: 'from the chart’s EC',
  rule: 'from the rule on the chart',
  nothing: 'not expected to move it',
};

export const DOUBTS: Record<string, string> = {
  density_estimated: 'its density is estimated: weigh 100 mL',
  nitrogen_not_split: 'its label does not split the nitrogen',
  closed_by_charge: 'its label leaves an ion out',
  acid_density_estimated: 'its density is from a handbook',
};

export const MINERALS: Record<string, string> = {
  gypsum: 'gypsum',
  calcium_phosphate: 'calcium phosphate',
  calcite: 'lime',
};

/** Which part of a product's dose a pour is, where the base is poured in two passes. */
export const PASSES = {
  whole: '',
  first: 'first 80 %',
  second: 'the other 20 %',
} as const satisfies Record<Pour['turn'], string>;

export const ACID_WHY: Record<string, string> = {
  acid_chosen: 'as you chose',
  acid_on_the_shelf: 'the one on the shelf',
  acid_nitric_for_leaf: 'nitric for the leafy stage: its nitrogen feeds leaves',
  acid_nitric_in_coir: 'nitric in coir, where phosphoric can fall out',
  acid_phosphoric_in_bloom: 'phosphoric in bloom: its phosphorus feeds flowers',
  acid_sulfuric_for_large_tanks: 'sulfuric for a tank of this size',
};

export const ALKALI_WHY: Record<string, string> = {
  alkali_on_the_shelf: 'the one on the shelf',
  alkali_carbonate_in_coir: 'carbonate in coir: it leaves a buffer, and is gentle on roots',
  alkali_carbonate_in_soft_water: 'carbonate in soft water: it leaves a buffer, so that pH holds',
  alkali_hydroxide_in_buffered_water:
    'hydroxide, as this water has a buffer of its own: more would drive pH up later',
};

export const ELEMENTS: Record<Element['element'], string> = {
  N: 'nitrogen',
  P: 'phosphorus',
  K: 'potassium',
  Ca: 'calcium',
  Mg: 'magnesium',
  S: 'sulfur',
  Fe: 'iron',
  Mn: 'manganese',
  Zn: 'zinc',
  Cu: 'copper',
  B: 'boron',
  Mo: 'molybdenum',
  Si: 'silicon',
  Na: 'sodium',
  Cl: 'chloride',
};

/** The name of an element by its symbol. */
export function elementName(symbol: string): string {
  return symbol in ELEMENTS ? ELEMENTS[symbol as Element['element']] : symbol;
}
