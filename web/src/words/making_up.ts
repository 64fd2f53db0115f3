import type { Shapes } from '../api/client';

type Act = Shapes['MakeUpStepOut']['act'];

/** What each step asks for, and why or how; the cautions stand at the act. */
export const MAKE_UP = {
  protect: {
    words: 'Gloves, goggles, a stand that does not tip',
    hint: 'The water is as hot as a kettle’s: it scalds. Children and animals out of the room. A bottle that takes the heat: not thin glass, which cracks, nor a drinks bottle, which goes soft. The label goes before all of this.',
  },
  put_in: {
    words: 'Weigh it into the empty bottle',
    hint: 'Dry, through a wide funnel. All of it before any water.',
  },
  half: {
    words: 'Fill it half with just-boiled water',
    hint: 'Slowly, the bottle on the table, never in the hand.',
  },
  loose: {
    words: 'Put the cap on, loosely',
    hint: '△ Steam must get out: a tight cap on hot water bursts. Wait a minute.',
  },
  shake: {
    words: 'Swirl, then shake, until its base is evenly hot',
    hint: '△ Let steam out before each shake and after it. Where the base feels cooler, something still lies on it.',
  },
  fill_up: {
    words: 'Fill it up with hot water',
    hint: 'To the mark of a full bottle, no further: doses are for just that volume. Swirl once more.',
  },
  cool: {
    words: 'Let it cool, the cap loose',
    hint: 'Some hours, out of reach. Look again then: grit on the base means that it is not dissolved yet.',
  },
  date: {
    words: 'Write its name and the date on it',
    hint: 'Then close it. It stands on the shelf from here on, opened today.',
  },
} as const satisfies Record<Act, { words: string; hint: string }>; // prettier-ignore
