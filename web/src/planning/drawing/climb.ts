import { scaleLinear } from 'd3-scale';
import { area, line } from 'd3-shape';

import type { Shapes } from '../../api/client';
import { fixed, written } from '../../words/numbers';

export type ClimbData = Shapes['ClimbOut'];
export type PhTarget = Shapes['PhTarget'];

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
  basis: string;
  /** Whether this pour lifts the reading enough to be worth a figure beside it. */
  lifts: boolean;
}

/** The quieter line below: pH on its own axis. */
export interface PhLine {
  top: number;
  bottom: number;
  path: string;
  window: { y: number; height: number };
  first: { x: number; y: number; shown: string };
  last: { x: number; y: number; shown: string };
  /** The middle of the window, which acid leads to. */
  acid: number;
}

export interface Drawing {
  left: number;
  right: number;
  top: number;
  bottom: number;
  floorY: number;
  path: string;
  /** Where the reading may lie. */
  unsure: string;
  risers: Riser[];
  ticks: { y: number; words: string }[];
  band: { y: number; height: number } | undefined;
  end: { x: number; y: number } | undefined;
  readX: number | undefined;
  ph: PhLine | undefined;
}

const LEFT = 46;
const RIGHT = 8;
const TOP = 34;
const BELOW = 52;
const PH_HEIGHT = 58;
const LEAST_BAND = 3;
const PH_WORDS = 150;

type Point = [x: number, y: number];

/** Where everything in the climb stands, in pixels of a frame. */
export function drawClimb(climb: ClimbData, frame: Frame, window?: PhTarget): Drawing {
  const hasPh = window !== undefined && climb.risers.some((riser) => riser.ph !== null);
  const bottom = frame.height - (hasPh ? 24 + PH_HEIGHT + 14 : BELOW);
  const right = frame.width - RIGHT;
  const levels = climb.risers.map((riser) => riser.level).filter((level) => level !== null);
  const highest = Math.max(climb.floor, climb.target?.high ?? 0, ...levels) || 1;
  const y = scaleLinear([0, highest * 1.08], [bottom, TOP]).nice(4);
  const x = scaleLinear([0, Math.max(climb.minutes, 1)], [LEFT, right]);

  const points: Point[] = [[x(0), y(climb.floor)]];
  const edges: [x: number, low: number, high: number][] = [[x(0), y(climb.floor), y(climb.floor)]];
  const risers: Riser[] = [];
  let drawn = climb.floor;
  let edge: [low: number, high: number] = [y(climb.floor), y(climb.floor)];
  for (const riser of climb.risers) {
    const before = drawn;
    drawn = riser.level ?? drawn;
    points.push([x(riser.minute), y(before)], [x(riser.minute), y(drawn)]);
    edges.push([x(riser.minute), ...edge]);
    if (riser.low !== null && riser.high !== null)
      edge = [y(riser.low), Math.max(TOP - 20, y(riser.high))];
    edges.push([x(riser.minute), ...edge]);
    risers.push({
      place: riser.place,
      x: x(riser.minute),
      y: y(drawn),
      minute: riser.minute,
      shown: riser.shown ?? '?',
      basis: riser.basis,
      lifts: y(before) - y(drawn) > 12,
    });
  }
  points.push([x(climb.minutes), y(drawn)]);
  edges.push([x(climb.minutes), ...edge]);

  const target = climb.target;
  const bandTop = target ? y(target.high) : 0;
  const bandHeight = target ? Math.max(LEAST_BAND, y(target.low) - bandTop) : 0;
  const readAfter = climb.risers.find((riser) => riser.place === climb.read_at);
  const between = area<[number, number, number]>()
    .x(([at]) => at)
    .y0(([, low]) => low)
    .y1(([, , high]) => high);
  return {
    left: LEFT,
    right,
    top: TOP,
    bottom,
    floorY: y(climb.floor),
    path: line()(points) ?? '',
    unsure: between(edges) ?? '',
    risers,
    ticks: y.ticks(4).map((tick) => ({ y: y(tick), words: written(y.tickFormat(4)(tick)) })),
    band: target ? { y: bandTop, height: bandHeight } : undefined,
    end: climb.end === null ? undefined : { x: right, y: y(climb.end) },
    readX: readAfter ? x(readAfter.minute + readAfter.wait_min) : undefined,
    ph: hasPh ? drawPh(climb, window, bottom + 32, x) : undefined,
  };
}

function drawPh(
  climb: ClimbData,
  window: PhTarget,
  top: number,
  x: (minute: number) => number,
): PhLine | undefined {
  const known = climb.risers.filter((riser) => riser.ph !== null);
  const first = known[0]?.ph;
  const last = known.at(-1)?.ph;
  if (first == null || last == null) return undefined;
  const [low, high] = [Number(window.low), Number(window.high)];
  const all = [low, high, ...known.map((riser) => riser.ph ?? first)];
  const bottom = top + PH_HEIGHT;
  const y = scaleLinear([Math.min(...all) - 0.3, Math.max(...all) + 0.3], [bottom, top]);
  const points: Point[] = [];
  let drawn = first;
  for (const riser of known) {
    points.push([x(riser.minute), y(drawn)], [x(riser.minute), y(riser.ph ?? drawn)]);
    drawn = riser.ph ?? drawn;
  }
  const end = x(climb.minutes);
  points.push([end, y(drawn)]);
  // Above whatever the line does beneath the words.
  const beneath = points.filter(([at]) => at > end - PH_WORDS).map(([, at]) => at);
  const labelY = Math.min(...beneath, y(drawn));
  return {
    top,
    bottom,
    path: line()(points) ?? '',
    window: { y: y(high), height: y(low) - y(high) },
    first: { x: x(known[0]?.minute ?? 0), y: y(first), shown: fixed(first, 1) },
    last: { x: end, y: labelY, shown: fixed(last, 1) },
    acid: y((low + high) / 2),
  };
}
