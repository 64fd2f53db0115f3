import type { GuidedState, GuidedStep, MixEvent } from '../api/client';
import { LEAVES } from './steps';

/**
 * Where a mix stands on this screen: as the server last said, with what was not yet told it laid
 * over. Nothing is judged here; amounts that follow from a reading come when the server has heard.
 */
export function project(bench: GuidedState, untold: MixEvent[]): GuidedState {
  let steps = bench.steps;
  let lastAt: number | undefined;
  for (const event of untold) {
    if (event.kind === 'undone') {
      const undone = untold.find((one) => one.id === event.of);
      const at = steps.findIndex((step) => step.event === event.of || step.id === undone?.step);
      if (at >= 0)
        steps = replaced(steps, at, { status: 'ahead', figure_shown: null, event: null });
      continue;
    }
    if (event.kind === 'corrected') {
      if (untold.some((one) => one.kind === 'undone' && one.of === event.id)) continue;
      const wrong = steps.findIndex((step) => step.event === event.of);
      if (wrong >= 0)
        steps = replaced(steps, wrong, { figure_shown: toldFigure(event, steps[wrong]) });
      continue;
    }
    const at = steps.findIndex((step) => step.id === event.step);
    const status = LEAVES[event.kind];
    if (at < 0 || !status) continue;
    lastAt = event.at;
    steps = replaced(steps, at, {
      status,
      figure_shown: toldFigure(event, steps[at]),
      event: event.id,
    });
  }
  if (!untold.length) return bench;
  steps = withoutIdleStirs(steps);
  const found = steps.findIndex((step) => step.status !== 'done' && step.status !== 'skipped');
  const now = found < 0 ? null : found;
  return { ...bench, now, steps: steps.map((step, at) => begun(step, at, now, lastAt)) };
}

/** Nothing of a bottle that was left out has to be stirred in. */
function withoutIdleStirs(steps: GuidedStep[]): GuidedStep[] {
  const idle = new Set(
    steps
      .filter((step) => step.kind === 'pour' && step.status === 'skipped')
      .map((step) => step.id.replace(/^pour-/, '')),
  );
  return steps.filter(
    ({ id, kind, event }) =>
      Boolean(event) || (kind !== 'stir' && kind !== 'wait') || !idle.has(id.replace(/^\w+?-/, '')),
  );
}

/** Whether a step has an event already, told or not: it is never asked again, nor told twice. */
export function standsFor(bench: GuidedState | undefined, untold: MixEvent[], step: string) {
  const gone = new Set(untold.filter((one) => one.kind === 'undone').map((one) => one.of));
  if (untold.some((one) => one.step === step && !gone.has(one.id))) return true;
  const event = bench?.steps.find((one) => one.id === step)?.event;
  return event ? !gone.has(event) : (bench?.held ?? []).includes(step);
}

/**
 * The last event that can be taken back, told or not. Several steps back without network, that is
 * whatever is laid out as done before what was taken back.
 */
export function lastUndoable(bench: GuidedState | undefined, untold: MixEvent[]) {
  const gone = new Set(untold.filter((one) => one.kind === 'undone').map((one) => one.of));
  const here = untold.findLast((one) => one.kind !== 'undone' && !gone.has(one.id));
  if (here) return here.id;
  if (bench?.undoable && !gone.has(bench.undoable)) return bench.undoable;
  return bench?.steps.findLast((step) => step.event && !gone.has(step.event))?.event ?? undefined;
}

/** What somebody told at a step, as it is shown before the server has heard it. */
export function toldFigure({ figure }: MixEvent, step: GuidedStep | undefined): string | null {
  if (typeof figure === 'object') return `${step?.goes_in ?? figure.value} ${step?.unit ?? ''}`;
  return figure ? `${figure} ${step?.unit ?? ''}`.trim() : null;
}

function replaced(steps: GuidedStep[], at: number, change: Partial<GuidedStep>): GuidedStep[] {
  return steps.map((step, index) => (index === at ? { ...step, ...change } : step));
}

function begun(
  step: GuidedStep,
  at: number,
  now: number | null,
  lastAt: number | undefined,
): GuidedStep {
  if (step.status === 'done' || step.status === 'skipped') return step;
  if (at !== now) return { ...step, status: 'ahead', due: null };
  const due = step.seconds !== null && lastAt !== undefined ? lastAt + step.seconds : step.due;
  return { ...step, status: 'now', due };
}

/** `4:05`, or `0:00` once it is over; computed from times, so that a sleeping screen wakes right. */
export function countdown(due: number, now: number): string {
  const left = Math.max(0, Math.ceil(due - now));
  return `${Math.floor(left / 60)}:${String(left % 60).padStart(2, '0')}`;
}

/** Whether a typed amount is so far above what was asked for that it is asked about once more. */
export function isOdd(figure: string, step: GuidedStep): boolean {
  return (
    step.odd_above !== null && Number(figure.trim().replace(',', '.')) > Number(step.odd_above)
  );
}
