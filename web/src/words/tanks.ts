import type { Shapes } from '../api/client';

type ShapeName = Shapes['ShapeName'];
type Way = Shapes['KnownIn']['way'];

/** Shapes as growers call them; the order in which they are offered. */
export const VESSEL_SHAPES = {
  box: 'box',
  upright_cylinder: 'upright drum',
  lying_cylinder: 'lying drum',
  cone_bottomed: 'cone-bottomed tank',
  bucket: 'tapered bucket',
  channel: 'gutter or channel',
  pipe: 'pipe',
  tray: 'tray with leaning walls',
} as const satisfies Record<ShapeName, string>;

/** What is measured of each shape, in the order in which one measures it. */
export const LENGTHS = {
  box: { length: 'long', width: 'wide', height: 'high' },
  upright_cylinder: { diameter: 'across', height: 'high' },
  lying_cylinder: { diameter: 'across', length: 'long', slope: 'fall over its length' },
  cone_bottomed: { diameter: 'across', cone: 'high the cone', height: 'high in all', outlet: 'across the hole' },
  bucket: { bottom: 'across at the bottom', top: 'across at the top', height: 'high' },
  channel: { length: 'long', width: 'wide', height: 'high', slope: 'fall over its length' },
  pipe: { diameter: 'across', length: 'long', slope: 'fall over its length' },
  tray: {
    bottom_length: 'long at the bottom', bottom_width: 'wide at the bottom', top_length: 'long at the top',
    top_width: 'wide at the top', height: 'high',
  },
} as const satisfies Record<ShapeName, Record<string, string>>; // prettier-ignore

/** Inside lengths of a new vessel of each shape, in cm: a common size to start from. */
export const USUAL_LENGTHS = {
  box: { length: '80', width: '60', height: '50' },
  upright_cylinder: { diameter: '57', height: '85' },
  lying_cylinder: { diameter: '60', length: '120', slope: '0' },
  cone_bottomed: { diameter: '60', cone: '30', height: '100', outlet: '0' },
  bucket: { bottom: '26', top: '30', height: '32' },
  channel: { length: '360', width: '10', height: '6', slope: '0' },
  pipe: { diameter: '11', length: '300', slope: '0' },
  tray: { bottom_length: '110', bottom_width: '50', top_length: '120', top_width: '60', height: '18' },
} as const satisfies { [Name in ShapeName]: Record<keyof (typeof LENGTHS)[Name], string> }; // prettier-ignore

export const WAYS = {
  buckets: 'by counting buckets',
  meter: 'by a water meter',
  flow: 'by time and flow',
  dose: 'by a known dose',
} as const satisfies Record<Way, string>;
