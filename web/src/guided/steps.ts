import type { GuidedStep, MixEvent } from '../api/client';

type Kind = GuidedStep['kind'];

interface StepFacts {
  /** How its screen is answered: with a press, a reading, an amount, or by time that passes. */
  by: 'press' | 'reading' | 'amount' | 'time';
  /** Whether it goes by a reading, or takes the next one. */
  steers?: true;
  /** Whether what was poured comes from a bottle of the sheet. */
  bottle?: true;
}

/** A kind of step that is not named here does not compile. */
const STEPS: Record<Kind, StepFacts> = {
  fill: { by: 'press' },
  read_water: { by: 'reading' },
  read_temperature: { by: 'reading' },
  chlorine: { by: 'press' },
  bottles: { by: 'press' },
  gear: { by: 'press' },
  shake: { by: 'press' },
  pour: { by: 'amount', bottle: true },
  stir: { by: 'time' },
  wait: { by: 'time' },
  read_ec: { by: 'reading', steers: true },
  volume: { by: 'press' },
  add: { by: 'amount', steers: true, bottle: true },
  drain: { by: 'amount', steers: true },
  read_ph: { by: 'reading', steers: true },
  acid: { by: 'amount', steers: true },
  alkali: { by: 'amount', steers: true },
  advice: { by: 'press' },
  cover: { by: 'press' },
};

/** A screen that was loaded before the server was renewed meets kinds that it does not know. */
const factsOf = (kind: Kind): StepFacts =>
  (STEPS as Partial<Record<Kind, StepFacts>>)[kind] ?? { by: 'press' };

/** What a screen of this kind of step is answered with. */
export const answeredBy = (kind: Kind) => factsOf(kind).by;

/** Whether it goes by a reading, or takes the next one. */
export const steers = (kind: Kind) => factsOf(kind).steers ?? false;

/** Whether its amount goes by a reading, and not by the sheet alone. */
export const isWorkedOut = (kind: Kind) => steers(kind) && answeredBy(kind) === 'amount';

/** Whether a bottle of the sheet is poured from. */
export const poursABottle = (kind: Kind) => factsOf(kind).bottle ?? false;

/** What a step is by an event about it; nothing by one about another event. */
export const LEAVES: Record<MixEvent['kind'], 'done' | 'skipped' | undefined> = {
  done: 'done',
  poured: 'done',
  read: 'done',
  skipped: 'skipped',
  corrected: undefined,
  undone: undefined,
};
