import type { Overview } from '../src/api/client';

/** A grow of two tanks, as far as settings look at it; the second tank's column is gone. */
export const overview = {
  id: 1,
  order_preferences: {
    calmag: 'before_base',
    silica: 'after_buffer',
    live: 'last',
    rows: 'printed',
  },
  ranges: {},
  blends: [],
  bottles_ending: [],
  time_zone: 'UTC',
  units: {
    volume: 'L',
    reading: 'mS/cm',
    ppm_scale: null,
    gallon: '',
    reading_words: 'mS/cm',
    temperature: 'C',
  },
  tanks: [
    {
      id: 5,
      water: 2,
      chart_id: 7,
      column: 'w2',
      volume: '425 L',
      strength_shown: '80 %',
      litres: { value: '425', unit: 'L' },
    },
    {
      id: 6,
      water: 3,
      chart_id: 8,
      column: 'gone',
      volume: '12 L',
      strength_shown: '50 %',
      litres: { value: '12', unit: 'L' },
    },
  ],
  waters: [
    { id: 2, reading: '0.52' },
    { id: 3, reading: null },
    { id: 4, reading: '0.04' },
  ],
  charts: [
    {
      version_id: 71,
      chart_id: 7,
      columns: [{ key: 'w1' }, { key: 'w2' }],
      rows: [{ key: 'one', tag: 'M1' }],
    },
    { version_id: 81, chart_id: 8, columns: [{ key: 'leaf' }], rows: [] },
  ],
} as unknown as Overview;
