import type { Shapes } from '../api/client';

type Meter = Shapes['MeterOut'];

export const METER_KINDS = {
  pen: 'EC and pH pen',
  ec_wand: 'EC wand',
  ph_pen: 'pH pen',
  drops: 'pH drops and a colour card',
} as const satisfies Record<Meter['kind'], string>;

export const MEASURED = {
  ec: 'EC',
  ph: 'pH',
} as const satisfies Record<Meter['measures'][number], string>;

/** What a calibration says of its meter, and what growers do about it. */
export const CONDITIONS = {
  fine: '',
  off: 'It is far off: clean it, take fresh standards, calibrate it again.',
  worn: 'Its electrode is worn out: below 85 % of its slope no calibration helps. Replace it.',
} as const satisfies Record<NonNullable<Meter['ph']>['condition'], string>;
