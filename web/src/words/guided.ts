import type { GuidedState, GuidedStep } from '../api/client';

/** Where pH is read by drops. */
export const BY_DROPS =
  'By drops: hold the colour against the scale, in daylight. It tells half a pH and no more, so portions go by the nearer end of the colour.';

/** What a step asks for, said to somebody with wet hands. */
export function asks(step: GuidedStep): string {
  const name = step.name ?? '';
  switch (step.kind) {
    case 'fill':
      return 'Fill to the mark';
    case 'read_water':
      return 'Read the water';
    case 'read_temperature':
      return 'Read the temperature';
    case 'chlorine':
      return 'Has the chlorine gone?';
    case 'bottles':
      return 'Bottles and vessels at hand?';
    case 'gear':
      return 'Goggles and gloves on?';
    case 'shake':
      return `Shake ${name}`;
    case 'pour':
      return `Pour ${name}`;
    case 'stir':
      return `Stir ${name} in`;
    case 'wait':
      return 'Wait';
    case 'read_ec':
      return 'Read EC';
    case 'volume':
      return 'How much water is really in it?';
    case 'add':
      return `Too weak: add ${name}`;
    case 'drain':
      return 'Too strong: drain, and fill with plain water';
    case 'read_ph':
      return step.why === 'pen_check' ? 'Check the pen in a cup' : 'Read pH';
    case 'acid':
      return `Pour ${name}, diluted`;
    case 'alkali':
      return step.amount ? `Too low: pour ${name}, diluted` : 'Too low: a little pH up';
    case 'advice': {
      const asked = ASKED[step.why];
      if (asked) return asked;
      if (step.pour !== null) return `No more ${name} for now`;
      return step.causes.length ? 'Stop: first find out why' : 'Leave it';
    }
    case 'cover':
      return 'Cover it and let it circulate';
  }
}

/** What a step asks for together with the one before it, where one press tells both. */
export function asksBoth(step: GuidedStep): string {
  if (step.kind === 'gear') return 'Bottles, vessels, goggles and gloves at hand?';
  return `Shake ${step.name ?? ''}, then pour`;
}

/** What is read aloud of a step, for who wishes it. */
export function spoken(step: GuidedStep, { pours }: GuidedState): string {
  const amount = step.pour !== null && step.goes_in && pours[step.pour] ? `, ${Number(step.goes_in)} ${step.unit === 'mL' ? 'millilitres' : 'grams'}` : ''; // prettier-ignore
  return step.kind === 'pour' || step.kind === 'add' ? `${asks(step)}${amount}` : asks(step);
}

/** About how long it all still takes, at this person's pace. */
export function minutesLeft({ steps }: GuidedState, coming: GuidedStep, left: number): string {
  const ahead = steps.slice(steps.indexOf(coming));
  const seconds = ahead.reduce((sum, one) => sum + one.takes_s, left);
  return `About ${Math.max(1, Math.round(seconds / 60))} min left in all`;
}

/** The paces, and what each asks for. */
export const PACES = {
  full: { words: 'full', note: 'every step by a press: for a first mix, or a new hand' },
  usual: { words: 'usual', note: 'one press a product; stirring and standing move on by themselves' },
  brisk: {
    words: 'brisk',
    note: 'the same, and only the waits that chemistry needs: silica, base, pH, and before a reading',
  },
} as const satisfies Record<GuidedState['pace'], { words: string; note: string }>; // prettier-ignore

/** What the one press area says. */
export function pressed(step: GuidedStep): string {
  switch (step.kind) {
    case 'fill':
      return 'It is full';
    case 'chlorine':
      return 'It has gone';
    case 'bottles':
    case 'gear':
      return 'All here';
    case 'shake':
      return 'Shaken';
    case 'pour':
    case 'add':
    case 'acid':
    case 'alkali':
      return 'It is in';
    case 'drain':
      return 'Drained and filled';
    case 'stir':
      return 'Stirred';
    case 'advice':
      if (step.offers) return 'Leave it as it is';
      return step.pour === null && step.causes.length ? 'Read it again' : 'Go on';
    case 'cover':
      return 'The mix is done';
    default:
      return 'Go on';
  }
}

export const HINTS: Partial<Record<GuidedStep['kind'], string>> = {
  fill: 'All the water that is joined counts: tank, pots and pipes.',
  read_temperature:
    '18 to 22 °C (64 to 72 °F): colder water dissolves slowly, warmer holds less oxygen.',
  read_water: 'Swirl the pen, wait until the number stands still.',
  chlorine: 'Open water loses it in about 24 hours, faster with an air stone; chloramine stays.',
  bottles: 'In this order, left to right; every vessel clean.',
  gear: 'Acid or alkali is on this sheet. Running water and neutraliser at hand, children and food away.',
  shake: 'Micronutrients settle. Then pour out; nothing is dipped into the bottle.',
  volume:
    'The reading tells of another volume than was thought. Count it: by the mark, by buckets, pots and pipes too. All further sums go by it.',
  read_ec: 'While it moves; wait until the number stands still.',
  read_ph: 'While stirring. EC first, then pH: nutrients move it.',
  drain: 'Measure what runs out; fill with the same source water.',
  cover: 'Dark and moving: salts settle, light grows algae.',
};

/** Which part of its dose a pour is; of the second pass the reading tells how much it is. */
export const PASS_WORDS = {
  whole: '',
  first: 'the first 80 %; read, then the rest',
  second: 'the rest, by the reading',
} as const;

/** What stands above the amount where it can hurt. */
export const CAUTIONS: Partial<Record<GuidedStep['kind'], string>> = {
  acid: 'Goggles, gloves, fresh air. Acid into water, never the other way: it heats. Never with bleach or pH up. The label comes first.',
  alkali:
    'Goggles, gloves, fresh air. Alkali into water, a little at a time: it heats. Never together with acid. The label comes first.',
};

/** What an advice asks, where that is more than “why”. */
const ASKED: Partial<Record<string, string>> = {
  beyond_dose: 'All of the planned dose is in',
  beyond_usual: 'That is as much as such feed takes',
  ec_odd: 'Read it again: it does not fit',
  ph_odd: 'Read it again: pH fell too far',
  beyond_need: 'That is more acid than this water needs',
  ratio_off: 'The pair is out of its ratio',
  water_stronger: 'Is that really the water?',
  water_weaker: 'Is that really the water?',
  water_too_strong: 'This water leaves no room for feed',
};

/** What to press to go past an offer, and what one says yes to. */
export const PAST: Record<string, string> = {
  beyond_dose: 'Go past the dose',
  beyond_usual: 'Pour more all the same',
  beyond_need: 'Pour a little more acid',
};

export const ADVICE: Record<string, string> = {
  ec_odd:
    'The reading is not what this feed brings in so much water. Rinse the pen, stir, look at each cause below, then read again. Nothing goes in or out before. To take it as it is, press “Leave out”.',
  beyond_dose:
    'The reading asks for more than printed dose × strength. A tank that is a little weak harms no plant; too strong a one burns them.',
  beyond_usual:
    'Nothing printed tells how much it takes. By its label, or by what such feed usually brings, all of it is in. Check the pen and the bottle before any more.',
  beyond_need:
    'A third more than this water’s need by its report is in. Look at pen, report and volume before any more.',
  ratio_off:
    'The strength is right, but one part is in excess of the other. To have them even, change part of the tank, or mix anew.',
  water_stronger:
    'It reads far more than this sheet was made for, and the target goes with it. Rinse the pen, see that no old feed is left in the tank, and read it again.',
  water_weaker:
    'It reads far less than this sheet was made for. Rinse the pen and read it again. If it is so, its lab report does not count for acid.',
  ec_untold:
    'It reads as if something that was left out here were in. If it is, press “Done so far” and tell it. Until the cause is found nothing goes in by it. To take it as it is, press “Leave out”.',
  ec_unmoved:
    'The reading does not follow what went in, and pouring on would be blind. To take it as it is, press “Leave out”.',
  ph_odd:
    'The last portion moved pH far past the window. Stir, rinse the pen, look at each cause below, then read again. Nothing goes in before.',
  ph_no_response:
    'The pen shows nothing of what went in, so more acid or alkali could burn the roots. Calibrate the pen or use another one, then read again. To take it as it is, press “Leave out”.',
  ph_unmoved:
    'pH does not follow what went in, and pouring on would be blind. To take it as it is, press “Leave out”.',
  too_many_rounds:
    'So many corrections, and it is not there yet. Stop here, let it circulate, and look again tomorrow.',
  water_too_strong:
    'The water alone reads as much as the target, so there is no room for feed. Read it again; if it is so, use RO or rain, and plan again.',
  wait_settling: 'This feed settles by itself: leave it, and look again tomorrow.',
  stop_chasing:
    'Up and down by turns only adds salt. Stop here, let it circulate, and look again tomorrow.',
  no_acid:
    'The shelf has no acid whose strength is known. Adjust by your own pH down, and note it.',
};

export const CAUSES: Record<string, string> = {
  volume: 'More or less water than thought? Look at the mark, count pots and pipes.',
  gallon: 'Gallons taken for litres, or US for UK? Compare the leaflet.',
  not_shaken: 'Bottle not shaken? Look for a layer at its bottom.',
  mixed_up: 'Another bottle? Compare the tags on the table.',
  told_wrong:
    'Was a bottle poured twice, or another amount than was entered? Look at “Done so far”.',
  meter:
    'Pen wet with concentrate, dry or out of calibration? Rinse it in clean water and read a standard.',
  scale: 'Another unit or ppm scale on the pen than here? Look at its display.',
  ph_pen:
    'Pen dry or broken? Rinse it and read the buffers 7 and 4: a broken one shows about 7 in both.',
  other_water: 'Another water than its report tells? Have its alkalinity read.',
  report: 'Is the lab report of this water, and of this season? Have its alkalinity read again.',
  water: 'Another water than was read? Read it again, before any feed.',
  untold_pour: 'Is a bottle in that was left out here? Press “Done so far”, and tell how much.',
  old_feed: 'Is old feed left in the tank or the pipes? Then it is no plain water.',
  not_stirred: 'Not mixed in yet? Stir, and read where the water moves.',
};

/** What a step says below what it asks: a hint, or what a reading advised. */
export function hinted(step: GuidedStep): string {
  if (step.kind === 'advice') return ADVICE[step.why] ?? '';
  if (step.why === 'pen_check')
    return 'The pen has not moved. Take a cup of tank water, stir in one drop of pH down, and read it. A pen in order shows far less there. Rinse it before it goes back.';
  return HINTS[step.kind] ?? '';
}

/** The unit of what is read or poured at a step; `meter` is that of the person's EC. */
export function unitOf(step: GuidedStep, meter: string, degrees: 'C' | 'F'): string {
  switch (step.kind) {
    case 'read_ec':
    case 'read_water':
      return meter;
    case 'read_ph':
      return 'pH';
    case 'read_temperature':
      return `°${degrees}`;
    default:
      return step.unit;
  }
}
