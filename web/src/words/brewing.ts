import type { Shapes } from '../api/client';

type Brew = Shapes['BrewOut'];
type Act = Brew['steps'][number]['act'];

/** What each step of a brew asks for, and why or how. */
export const acts = ({ stands_h }: Brew) =>
  ({
    water: {
      words: 'Fill a clean bucket with water',
      hint: 'Up to this mark; leave a hand’s breadth free.',
    },
    neutralise: {
      words: 'Neutralise the chloramine',
      hint: 'Filter it through carbon, or use a neutraliser by its label: chloramine does not gas off, and it kills cultures.',
    },
    molasses: {
      words: 'Stir in the molasses',
      hint: 'Warm the measure in the water; stir until it is all dissolved.',
    },
    air: {
      words: 'Put the air stone in, leave it open',
      hint: `It stands ${stands_h} hours, out of the sun. Air runs all the while.`,
    },
    smell: {
      words: 'Smell the bucket',
      hint: 'Sweet or earthy is right. Sour or foul: pour it away, wash the bucket, begin anew.',
    },
    inoculant: {
      words: 'Stir in the inoculant',
      hint: 'Gently, with clean gear. Close the bottle at once.',
    },
    fill: {
      words: 'Fill the reservoir now',
      hint: `Its water needs the same ${stands_h} hours to be free of chlorine, with air.`,
    },
    feed: { words: 'Is the reservoir fed?', hint: 'Mix it first.' },
    no_oxidiser: {
      words: 'No peroxide, no ozone, UV is off',
      hint: 'Each of them kills what you are about to pour in.',
    },
    pour: { words: 'Pour the brew into the reservoir', hint: 'Slowly, where the water moves.' },
    stir: {
      words: 'Let it move, and read it tomorrow',
      hint: 'pH is left alone in a living tank.',
    },
  }) satisfies Record<Act, { words: string; hint: string }>;

/** When the reservoir is fed, by its chart, or else by the practice of the living programme. */
export function fedAt(target: string | null, aboveSource: string | null): string {
  if (target) return `It is fed when the pen reads ${target}.`;
  return aboveSource ? `It is fed when the pen reads the water and ${aboveSource} more.` : '';
}

/** Whether the bucket is ready; nothing is said of one that is. */
export const brewStates = ({ stands_h, stale_h }: Brew) =>
  ({
    ready: '',
    standing: `It has not stood ${stands_h} hours yet. It is ready`,
    untold: 'Nobody told the day before. Look whether the bucket was begun, and how long it stood.',
    stale: `It has stood for more than ${stale_h / 24} days: nobody knows what grows in it. Begin it anew.`,
  }) satisfies Record<Brew['state'], string>;

export const BREW_DAYS = {
  molasses: 'The brew, first day',
  inoculant: 'The brew, second day',
  pour: 'The brew, third day',
} as const satisfies Record<Brew['day'], string>;
