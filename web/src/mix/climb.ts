import { scaleLinear } from 'd3-scale';
import { line } from 'd3-shape';

import type { Shapes } from '../api/client';

export type ClimbData = Shapes['ClimbOut'];

export interface Frame {
  width: number;
  height: number;
}

export interface Riser {
  place: number;
  x: number;
  y: number;
  minute: number;
  shown: string;
  /** Whether this pour lifts the reading enough to be worth a figure beside it. */
  lifts: boolean;
}

export interface Drawing {
  left: number;
  right: number;
  top: number;
  bottom: number;
  floorY: number;
  path: string;
  risers: Riser[];
  ticks: { y: number; words: string }[];
  band: { y: number; height: number } | undefined;
  end: { x: number; y: number } | undefined;
  readX: number | undefined;
}

const LEFT = 46;
const RIGHT = 8;
const TOP = 34;
const BELOW = 52;
const LEAST_BAND = 3;

/** Where everything in the climb stands, in pixels of a frame. */
export function drawClimb(climb: ClimbData, frame: Frame): Drawing {
  const bottom = frame.height - BELOW;
  const right = frame.width - RIGHT;
  const levels = climb.risers.map((riser) => riser.level).filter((level) => level !== null);
  const highest = Math.max(climb.floor, climb.target?.high ?? 0, ...levels) || 1;
  const y = scaleLinear([0, highest * 1.08], [bottom, TOP]).nice(4);
  const x = scaleLinear([0, Math.max(climb.minutes, 1)], [LEFT, right]);

  const points: [number, number][] = [[x(0), y(climb.floor)]];
  const risers: Riser[] = [];
  let level: number | null = climb.floor;
  let drawn = climb.floor;
  for (const riser of climb.risers) {
    const before = drawn;
    level = level === null && riser.level === null ? null : riser.level;
    drawn = level ?? drawn;
    points.push([x(riser.minute), y(before)], [x(riser.minute), y(drawn)]);
    risers.push({
      place: riser.place,
      x: x(riser.minute),
      y: y(drawn),
      minute: riser.minute,
      shown: riser.shown ?? '?',
      lifts: y(before) - y(drawn) > 12,
    });
  }
  points.push([x(climb.minutes), y(drawn)]);

  const target = climb.target;
  const bandTop = target ? y(target.high) : 0;
  const bandHeight = target ? Math.max(LEAST_BAND, y(target.low) - bandTop) : 0;
  const readAfter = climb.risers.find((riser) => riser.place === climb.read_at);
  return {
    left: LEFT,
    right,
    top: TOP,
    bottom,
    floorY: y(climb.floor),
    path: line()(points) ?? '',
    risers,
    ticks: y.ticks(4).map((tick) => ({ y: y(tick), words: y.tickFormat(4)(tick) })),
    band: target ? { y: bandTop, height: bandHeight } : undefined,
    end: climb.end === null ? undefined : { x: right, y: y(climb.end) },
    readX: readAfter ? x(readAfter.minute + readAfter.wait_min) : undefined,
  };
}
