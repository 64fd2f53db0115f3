import { scaleUtc } from 'd3-scale';

import type { Course, Days, Frame } from './course';
import { monthWords, tickDate } from '../words/dates';
import { DAY_MS, dayNumber } from './days';

export interface Words {
  x: number;
  words: string;
  strong?: boolean;
}

/** Width of a text of that many characters at 13 px: as wide as the widest of them usually are. */
const widthOf = (words: string, strong = false) => words.length * (strong ? 7.4 : 6.9);

/** Words side by side: one that would lie over another is left out, the strong ones first placed. */
export function apart(all: Words[], right: number): Words[] {
  const taken: [number, number][] = [];
  const kept = new Set<Words>();
  for (const one of [...all].sort((a, b) => Number(b.strong ?? 0) - Number(a.strong ?? 0))) {
    const width = widthOf(one.words, one.strong);
    const end = one.x + width + 10;
    if (end - 10 > right + 6 || taken.some(([low, high]) => one.x < high && end > low)) continue;
    taken.push([one.x, end]);
    kept.add(one);
  }
  return all.filter((one) => kept.has(one));
}

/** The label of each column in its middle or beside today's line, its key where that has no room. */
export function columnWords(
  course: Course,
  frame: Frame,
  x: Days,
  at: (day: string) => number,
  today: number,
): Words[] {
  const words = course.columns.flatMap((one) => {
    const from = Math.max(x(at(one.first)), frame.left);
    const to = Math.min(x(at(one.last) + 1), frame.right);
    const room = to - from - 16; // what is narrower than its own column meets no other
    const fits = [one.label, one.key].find((text) => widthOf(text) <= room);
    const strong = at(one.first) <= today && today <= at(one.last);
    if (!fits || room <= 0) return [];
    return [{ x: besideLine([from, to], x(today + 0.5), widthOf(fits, strong)), words: fits, strong }]; // prettier-ignore
  });
  return words;
}

/** The middle of a text so that a line does not cross it, where its space has room beside that. */
function besideLine([from, to]: [number, number], line: number, width: number): number {
  const middle = (from + to) / 2;
  const away = width / 2 + 8;
  if (Math.abs(middle - line) >= away) return middle;
  if (line + away + width / 2 <= to) return line + away;
  return line - away - width / 2 >= from ? line - away : middle;
}

/** Dates along the foot, as many as have room. */
export function dateWords(course: Course, x: Days, frame: Frame): Words[] {
  const start = dayNumber(course.started_on);
  const [from, to] = x.domain() as [number, number];
  const dates = scaleUtc(
    [(start + from) * DAY_MS, (start + to) * DAY_MS],
    [frame.left, frame.right],
  );
  const ticks = dates.ticks(Math.max(3, Math.round((frame.right - frame.left) / 110)));
  const words = ticks.map((tick) => ({
    x: dates(tick),
    words: to - from > 200 ? monthWords(tick) : tickDate(tick),
  }));
  return apart(words.filter((one) => one.x >= frame.left), frame.right); // prettier-ignore
}
