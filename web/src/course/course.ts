import { scaleLinear, type ScaleLinear } from 'd3-scale';

import type { Shapes } from '../api/client';
import { dayNumber } from './days';
import { apart, columnWords, dateWords, type Words } from './labels';
import { written } from '../words/numbers';

export type Course = Shapes['CourseOut'];
type Task = Shapes['TaskOut'];
type Tread = Shapes['TreadOut'];

/** Where things stand, from the top: the reading, its columns, pH, the products, the tasks. */
export interface Frame {
  left: number;
  right: number;
  top: number;
  floor: number;
  bottom: number;
  labels: number;
  ph: { top: number; bottom: number };
  strokes: number;
  foot: number;
  height: number;
}

const ROW = 22;

export function frameFor(width: number, course: Course): Frame {
  const left = width < 500 ? 40 : 52;
  const [top, bottom] = [26, width < 500 ? 196 : 236];
  const ph = { top: bottom + 36, bottom: bottom + 72 };
  const strokes = ph.bottom + 22;
  const foot = strokes + course.strokes.length * ROW + 10;
  const height = foot + 62;
  return { left, right: width - 10, top, bottom, floor: bottom, labels: bottom + 18, ph, strokes, foot, height }; // prettier-ignore
}

/** Days from the start of a season to pixels. */
export type Days = ScaleLinear<number, number>;

export function seasonDays(course: Course): [number, number] {
  const start = dayNumber(course.started_on);
  const last = Math.max(...course.columns.map((one) => dayNumber(one.last)), start);
  const shown = Math.min(last, dayNumber(course.until)) + 1;
  return [0, Math.max(shown - start, 14)];
}

export function daysScale(course: Course, frame: Frame): Days {
  return scaleLinear(seasonDays(course), [frame.left, frame.right]);
}

export interface CourseDrawing {
  ticks: { y: number; words: string }[];
  floorY: number;
  bands: { x: number; width: number; y: number; height: number; shown: string }[];
  past: string;
  planned: string;
  readings: { x: number; y: number; words: string }[];
  rings: { x: number; y: number; words: string }[];
  columns: { x: number; end: number; key: string; isOpen: boolean }[];
  columnWords: Words[];
  phBands: { x: number; width: number; y: number; height: number }[];
  phPath: string;
  strokes: { key: string; rule: number | null; y: number; lines: { x1: number; x2: number; width: number; isPast: boolean }[]; marks: { x: number; day: number; isPast: boolean }[] }[]; // prettier-ignore
  tasks: { x: number; words: string; late: boolean }[];
  taskWords: Words[];
  dates: Words[];
  today: number;
}

const FILLINGS = ['mix', 'change_out', 'flush'];

export function drawCourse(course: Course, frame: Frame, x: Days): CourseDrawing {
  const start = dayNumber(course.started_on);
  const at = (day: string) => dayNumber(day) - start;
  const today = at(course.today);
  const levels = [
    ...course.treads.map((one) => one.high ?? 0),
    ...course.happened.map((one) => one.ec ?? 0),
  ];
  const most = Math.max(...levels, (course.floor ?? 0) * 1.5, 0.1) * 1.08;
  const y = scaleLinear([0, most], [frame.bottom, frame.top + 8]);
  const floor = course.floor ?? 0;
  const first = (column: { first: string }) => x(at(column.first));
  const end = (column: { last: string }) => x(at(column.last) + 1);
  const inSight = (from: number, to: number) => to >= frame.left && from <= frame.right;
  return {
    ticks: y.ticks(5).filter((tick) => tick > 0).map((tick) => ({ y: y(tick), words: written(y.tickFormat(5)(tick)) })), // prettier-ignore
    floorY: y(floor),
    bands: course.treads
      .filter((one) => inReach(one) && inSight(first(one), end(one)))
      .map((one) => ({
        x: first(one),
        width: end(one) - first(one),
        y: y(one.high ?? 0),
        height: Math.max(3, y(one.low ?? 0) - y(one.high ?? 0)),
        shown: one.shown ?? '',
      })),
    past: pastPath(course, x, y, floor),
    planned: plannedPath(course, x, y, floor, today),
    readings: course.happened
      .filter((one) => one.ec !== null && inSight(x(one.day), x(one.day)))
      .map((one) => ({ x: x(one.day), y: y(one.ec ?? 0), words: one.ec_shown ?? '' })),
    rings: course.happened
      .filter((one) => one.kind === 'top_up' && x(1) - x(0) > 4 && inSight(x(one.day), x(one.day)))
      .map((one) => ({ x: x(one.day), y: frame.bottom - 8, words: one.litres_shown ?? '' })),
    columns: course.columns
      .filter((one) => inSight(first(one), end(one)))
      .map((one) => ({ x: first(one), end: end(one), key: one.key, isOpen: one.is_open })),
    columnWords: columnWords(course, frame, x, at, today),
    phBands: course.columns
      .filter((one) => one.ph_low !== null && inSight(first(one), end(one)))
      .map((one) => phBand(one, first(one), end(one), frame)),
    phPath: phPath(course, x, frame),
    strokes: course.strokes.map((stroke, row) => ({
      key: stroke.product,
      rule: stroke.rule,
      y: frame.strokes + row * ROW + ROW / 2,
      lines: stroke.spans
        .flatMap((span) => cutAt(at(span.first), at(span.last) + 1, today + 0.5, span.share))
        .filter((line) => inSight(x(line.from), x(line.to)))
        .map((line) => ({ x1: x(line.from), x2: x(line.to), width: 2 + line.share * 8, isPast: line.isPast })), // prettier-ignore
      marks: stroke.days
        .map((day) => ({ x: x(at(day)), day: at(day), isPast: at(day) < today }))
        .filter((mark) => inSight(mark.x, mark.x + 6)),
    })),
    tasks: tasksToCome(course).map((task) => ({ x: x(Math.max(at(task.on), task.state === 'late' ? today : -9) + 0.5), words: task.kind, late: task.state === 'late' })).filter((one) => inSight(one.x, one.x)), // prettier-ignore
    taskWords: apart(
      tasksToCome(course)
        .filter((task) => FILLINGS.includes(task.kind) || task.state !== 'planned')
        .map((task) => ({
          x: x(Math.max(at(task.on), task.state === 'late' ? today : -9) + 0.5),
          words: footWords(task),
          strong: task.state !== 'planned',
        }))
        .filter((one) => inSight(one.x, one.x)),
      frame.right,
    ),
    dates: dateWords(course, x, frame),
    today: x(today + 0.5),
  };
}

function tasksToCome(course: Course): Task[] {
  return course.tasks.filter((one) => one.state !== 'done' && one.state !== 'skipped');
}

function footWords(task: Task): string {
  const late = task.state === 'late' ? 'late: ' : '';
  const kinds = { mix: 'mix', change_out: 'change out', flush: 'flush', read: 'read', add: 'add', inoculate: 'cultures', prepare: 'prepare', calibrate: 'calibrate' }; // prettier-ignore
  return `${late}${kinds[task.kind]}`;
}

function isFilling(one: Course['happened'][number]): boolean {
  return one.kind === 'mix' || one.kind === 'change_out';
}

/** What happened: each filling a riser from the water, between them from reading to reading. */
function pastPath(course: Course, x: Days, y: Days, floor: number): string {
  let path = '';
  let isGoingOn = false;
  for (const one of course.happened) {
    const px = x(one.day).toFixed(1);
    if (isFilling(one)) {
      if (isGoingOn) path += `H${px}`;
      isGoingOn = one.ec !== null; // a filling that nobody read rises to nobody knows what
      if (isGoingOn) path += `M${px} ${y(floor).toFixed(1)}`;
    }
    if (one.ec === null) continue;
    path += `${isGoingOn ? 'L' : 'M'}${px} ${y(one.ec).toFixed(1)}`;
    isGoingOn = true;
  }
  return path;
}

/** Whether there is a target, and a tank filled with this water can read it. */
function inReach(tread: Tread): boolean {
  return tread.low !== null && tread.high !== null && tread.ro_shown === null;
}

/** What comes: each filling a riser from the water to the middle of its band, where it reaches it. */
function plannedPath(course: Course, x: Days, y: Days, floor: number, today: number): string {
  const start = dayNumber(course.started_on);
  const fillings = tasksToCome(course).filter((one) => FILLINGS.includes(one.kind));
  const on = (day: string) => course.treads.find((one) => one.first <= day && day <= one.last);
  const reaches = (day: string) => (on(day)?.ro_shown ?? null) === null;
  const middle = (day: string) => {
    const tread = on(day);
    return tread?.low == null || tread.high == null ? undefined : (tread.low + tread.high) / 2;
  };
  // A filling that nobody read leaves nothing to go on from.
  const known = course.happened.findLast((one) => one.ec !== null || isFilling(one));
  const last = known?.ec == null ? undefined : known;
  let isDrawing = last !== undefined;
  let path = last ? `M${x(last.day).toFixed(1)} ${y(last.ec ?? 0).toFixed(1)}` : '';
  for (const task of fillings) {
    const px = x(Math.max(dayNumber(task.on) - start, today) + 0.5).toFixed(1);
    if (isDrawing) path += `H${px}`;
    isDrawing = reaches(task.on);
    if (!isDrawing) continue; // what it will read depends on how much RO water goes in
    const next = task.products.length ? (middle(task.on) ?? floor) : floor;
    path += `M${px} ${y(floor).toFixed(1)}V${y(next).toFixed(1)}`;
  }
  const [, until] = seasonDays(course);
  return isDrawing ? `${path}H${x(until).toFixed(1)}` : path;
}

function cutAt(from: number, to: number, today: number, share: number) {
  const parts = [
    { from, to: Math.min(to, today), share, isPast: true },
    { from: Math.max(from, today), to, share, isPast: false },
  ];
  return parts.filter((part) => part.to > part.from);
}

const PH = scaleLinear([5, 7], [0, 1]);

function phY(ph: number, frame: Frame): number {
  const share = Math.min(1, Math.max(0, PH(ph)));
  return frame.ph.bottom - share * (frame.ph.bottom - frame.ph.top);
}

function phBand(
  column: Course['columns'][number],
  from: number,
  to: number,
  frame: Frame,
): { x: number; width: number; y: number; height: number } {
  const [low, high] = [Number(column.ph_low), Number(column.ph_high)];
  const top = phY(high, frame);
  return { x: from, width: to - from, y: top, height: Math.max(3, phY(low, frame) - top) };
}

/** The pH as it was read; with each filling it starts anew. */
function phPath(course: Course, x: Days, frame: Frame): string {
  let path = '';
  let isGoingOn = false;
  for (const one of course.happened) {
    const px = x(one.day).toFixed(1);
    if (isFilling(one)) {
      if (isGoingOn) path += `H${px}`;
      isGoingOn = false;
    }
    if (one.ph === null) continue;
    path += `${isGoingOn ? 'L' : 'M'}${px} ${phY(one.ph, frame).toFixed(1)}`;
    isGoingOn = true;
  }
  return path;
}
