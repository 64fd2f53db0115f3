/** The words for the codes that the rules answer with. */

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

export const TITLES: Record<string, string> = {
  water_not_read: 'Read the water first',
  hard_water: 'Hard water',
  water_too_strong: 'No room for feed',
  soil_chart_in_water: 'A chart for soil',
  no_ph_window: 'pH window not printed',
  pair_unequal: 'The pair is unequal',
  strength_over_chart: 'Above the chart',
  no_target_reading: 'No target printed',
  printed_order_changed: 'Order changed',
  chlorine_kills_live: 'Chlorine in the mains',
  acid_into_water: 'Acid into water',
  below_finest_mark: 'Too small to measure',
};

export const LEFT_OUT: Record<string, string> = {
  no_room: 'the water leaves no room',
  override: 'you left it out',
  zero_dose: 'the chart prints 0',
};

export const SEVERITY = {
  danger: { sign: '◆', word: 'Danger' },
  attention: { sign: '△', word: 'Attention' },
  note: { sign: '○', word: 'Note' },
} as const;

export const VESSELS = {
  syringe: 'syringe',
  cylinder: 'cylinder',
  jug: 'jug',
  scale: 'scale',
} as const;
