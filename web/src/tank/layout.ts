import type { Shapes } from '../api/client';

type Drawn = Shapes['DrawnVessel'];
type Joined = Shapes['JoinedDocument'];

/** More of one kind are told as a number. */
export const MOST_DRAWN = 12;

const GAP = 14;

/** One vessel in its place; `x` and `y` are those of its lower left corner, in cm. */
export interface Placed {
  part: number;
  /** Which of its kind, counted from 0; the first is the one that is taken hold of. */
  copy: number;
  x: number;
  y: number;
  width: number;
  height: number;
}

export interface Layout {
  placed: Placed[];
  /** cm of all of it. */
  width: number;
  height: number;
}

function sizeOf({ outline }: Drawn): [number, number] {
  return [Math.max(...outline.map(([x = 0]) => x)), Math.max(...outline.map(([, y = 0]) => y))];
}

/**
 * Vessels that stand are side by side on one floor; those that hold water only while the pump runs are
 * stacked above, as channels and towers are.
 */
export function layOut(joined: Joined, drawn: Drawn[]): Layout {
  const placed: Placed[] = [];
  let x = 0;
  let floor = 0;
  joined.vessels.forEach((vessel, part) => {
    const one = drawn[part];
    if (!one || vessel.runs) return;
    const [width, height] = sizeOf(one);
    for (let copy = 0; copy < Math.min(vessel.count, MOST_DRAWN); copy++) {
      placed.push({ part, copy, x, y: 0, width, height });
      x += width + GAP;
    }
    floor = Math.max(floor, height);
  });
  let widest = x - GAP;
  let y = floor + 2 * GAP;
  joined.vessels.forEach((vessel, part) => {
    const one = drawn[part];
    if (!one || !vessel.runs) return;
    const [width, height] = sizeOf(one);
    for (let copy = 0; copy < Math.min(vessel.count, MOST_DRAWN); copy++) {
      placed.push({ part, copy, x: 0, y, width, height });
      y += height + GAP;
    }
    widest = Math.max(widest, width);
  });
  const height = Math.max(floor, ...placed.map((one) => one.y + one.height));
  return { placed, width: Math.max(widest, 1), height: Math.max(height, 1) };
}

/** A level in the unit of the tape, from one in cm: to a millimetre, and never above the rim. */
export function levelText(cm: number, rim: number, perUnit: number): string {
  const within = Math.min(Math.max(cm, 0), rim) / perUnit;
  const step = perUnit > 1 ? 20 : 10;
  return `${Math.floor(within * step + 1e-9) / step}`;
}
