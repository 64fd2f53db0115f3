import type { Shapes } from '../api/client';
import { clockWords, shortDay, weekday } from './dates';

type Task = Shapes['TaskOut'];

/** What is done, as a word of one who does it. */
export const TASKS = {
  prepare: 'prepare',
  calibrate: 'calibrate',
  mix: 'mix',
  change_out: 'change out',
  flush: 'flush',
  add: 'add',
  inoculate: 'add cultures',
  read: 'read',
} as const satisfies Record<Task['kind'], string>;

type TankToday = Shapes['TankToday'];

/** What a tank lacks, whatever is planned. */
export function lackWords(lack: TankToday['lacks'][number], tank: TankToday): string {
  const ph = `pH ${tank.last_ph ?? ''}`;
  const words = {
    use_by: 'the mix is past its use-by day: change it out',
    ph_low: `${ph} is below its window, ${tank.ph_shown ?? ''}: read it again, then raise it`,
    ph_high: `${ph} is above its window, ${tank.ph_shown ?? ''}: read it again, then lower it`,
    look_again: 'EC and pH were not read since the mix: look again',
  } satisfies Record<typeof lack, string>;
  return words[lack];
}

/** Why something is done, or done on that day. */
export const WHYS = {
  first_filling: 'the first filling',
  so_many_days: 'by the days between change-outs',
  drunk_once: 'the plants have drunk it once',
  new_column: 'a new column begins',
  flush_begins: 'the flush begins',
  by_column: 'by its column',
  by_rule: 'by its rule',
  moved_to_occasion: 'moved to the next day that its rule names',
  moved_apart: 'moved, to keep its distance',
  moved_by_cap: 'moved, as the day was full',
  on_leaves: 'sprayed on the leaves, not into the tank',
  rule_unlike_column: 'the chart says otherwise for this column',
  chlorine_gasses_off: 'draw the water and let it stand open for 24 hours, until chlorine has left',
  chloramine_stays: 'filter the water through carbon or neutralise it: chloramine does not gas off',
  plain_water_run: 'drain, and let plain water run',
  stock_made_up: 'make up the stock',
  molasses: 'start the brew, to stand open for a day',
  inoculant: 'into the brew, to stand for another day',
  living_tank: 'a living tank',
  meter_due: 'it is due',
  daily_reading: 'a reading a day',
} as const satisfies Record<Task['why'][number], string>;

export const STATES = {
  done: 'done',
  skipped: 'left out',
  late: 'late',
  due: 'today',
  planned: 'planned',
} as const satisfies Record<Task['state'], string>;

/** What a season was told, as its record shows it. */
export const TOLD = {
  sign: 'seen',
  hold: 'held',
  advance: 'gone on',
  set_back: 'set back to',
  repeat: 'once more',
  stretch: 'made longer',
  jump: 'gone to',
  switch: 'another chart',
  done: 'done',
  skipped: 'left out',
  taken_back: 'taken back',
} as const satisfies Record<Shapes['SeasonTold']['kind'], string>;

/** What a reading of a tank says, and what growers do about it. */
export const SAID = {
  ec_odd:
    'EC is far from what this tank read before, or should read. Stir, rinse the pen, read again elsewhere in the tank. Then check the pen and its unit.',
  ph_odd: 'pH is far from what it was. Rinse the pen and read again; then check it in pH 7.',
  ec_right: 'EC is where it should be.',
  ec_high: 'EC is above the target.',
  ec_low: 'EC is below the target.',
  water_over_target:
    'The water alone reads more than the target: no top-up brings it there. Change out with RO water in the mix.',
  top_up_plain: 'EC rises: top up with plain water.',
  top_up_thins: 'Top up with plain water only, until EC is back at the target.',
  top_up_weak: 'EC is steady: top up with weak feed.',
  top_up_full: 'EC falls: top up with full feed.',
  ph_right: 'pH is where it should be.',
  ph_high: 'pH is above its window: bring it down at the bench, EC first.',
  ph_low: 'pH is below its window: bring it up at the bench, EC first.',
  oxygen_short:
    'Water as warm as this cannot hold the 7 mg/L of oxygen that a living tank wants: cool it first, then aerate.',
  warm: 'The water is warm and holds little oxygen: cool or aerate it.',
  cold: 'The water is cold: roots stand still.',
} as const satisfies Record<Shapes['JudgedOut']['said'][number], string>;

/** Days whose target lies under what the water alone reads, each run of equal ones once. */
export function outOfReach(course: Shapes['CourseOut']): string[] {
  const told = new Map<string, { first: string; last: string }>();
  for (const one of course.treads) {
    if (one.ro_shown === null || one.last < course.today) continue;
    const words = `${course.water} alone reads ${course.floor_shown ?? ''}, and the target is ${one.shown ?? ''}: no tank filled with it reads that. Mix with at least ${one.ro_least_shown ?? ''} RO water; ${one.ro_shown} leaves two thirds of it for feed.`; // prettier-ignore
    told.set(words, { first: told.get(words)?.first ?? one.first, last: one.last });
  }
  return [...told].map(
    ([words, days]) => `${shortDay(days.first)} to ${shortDay(days.last)}: ${words}`,
  );
}

/** Those of them that ask for something. */
export const ASKS: readonly Shapes['JudgedOut']['said'][number][] = [
  'ec_odd', 'ph_odd', 'ec_high', 'ec_low', 'water_over_target', 'ph_high', 'ph_low', 'oxygen_short', 'warm', 'cold',
]; // prettier-ignore

/** The words of one task: what, of what, how much, at what time. */
export function taskWords(task: Task, named: (key: string) => string): string {
  const at = task.at ? ` at ${clockWords(task.at)}` : '';
  const brewed = task.amounts.map((one) => `${one.shown} ${one.product}`).join(', ');
  if (task.kind === 'prepare' && brewed)
    return `${at ? `${at.slice(1)}: ` : ''}${brewed}: ${WHYS[task.why[0] ?? 'by_rule']}`;
  if (task.kind === 'prepare') return `${at ? `${at.slice(1)}: ` : ''}${WHYS[task.why[0] ?? 'by_rule']}`; // prettier-ignore
  if (task.kind === 'calibrate') return `calibrate ${task.meter ?? 'the pen'}`;
  if (task.kind === 'add' || task.kind === 'inoculate') {
    const what = task.products.map((key) => {
      const amount = task.amounts.find((one) => one.product === key);
      return amount ? `${amount.shown} ${named(key)}` : named(key);
    });
    return `${task.why.includes('on_leaves') ? 'spray' : 'add'} ${what.join(', ')}${at}`;
  }
  const column = task.kind === 'read' ? '' : `, ${task.column_label}`;
  const strength = task.strength_shown ? ` at ${task.strength_shown}` : '';
  return `${TASKS[task.kind]}${column}${strength}${at}`;
}

/** What a tank needs, in the two or three words that the overview has room for; nothing where nothing. */
export function needWords(
  tank: Shapes['TankToday'],
): { words: string; pressing: boolean } | undefined {
  const first = (state: Task['state'], reads: boolean) =>
    tank.tasks.find((one) => one.state === state && (one.kind === 'read') === reads);
  const late = first('late', false);
  if (late) return { words: `late: ${TASKS[late.kind]}`, pressing: true };
  const due = first('due', false) ?? first('due', true);
  if (due) return { words: `${TASKS[due.kind]} today`, pressing: true };
  const next = first('planned', false);
  if (!next) return undefined;
  return { words: `${TASKS[next.kind]} ${weekday(next.on)}`, pressing: false };
}
