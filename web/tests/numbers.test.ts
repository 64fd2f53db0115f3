import { afterEach, describe, expect, it } from 'vitest';

import { exactPercent, percent, shown, stepped } from '../src/planning/figures';
import { fixed, forPerson, written } from '../src/words/numbers';
import { writeAs } from '../src/words/writing.svelte';

const WITH_COMMA = { decimal: ',' } as const;

describe('numbers as a person writes them', () => {
  afterEach(() => writeAs({}));

  it('tells whether what came before was written otherwise', () => {
    expect([writeAs({}), writeAs(WITH_COMMA), writeAs(WITH_COMMA), writeAs({})]).toEqual([
      false,
      true,
      false,
      true,
    ]);
  });

  it.each([
    ['1.82 mS/cm', '1,82 mS/cm'],
    ['1.72 to 1.92', '1,72 to 1,92'],
    ['0.4 mL/L at 62.5 %', '0,4 mL/L at 62,5 %'],
    ['version 1.2.3 of 2026-12-02.', 'version 1.2.3 of 2026-12-02.'],
    ['Fill it. 5 L more.', 'Fill it. 5 L more.'],
    ['12 345.5', '12 345,5'],
  ])('writes %s as %s', (told, wanted) => {
    expect(written(told)).toBe(told);
    writeAs(WITH_COMMA);
    expect(written(told)).toBe(wanted);
  });

  it('holds for all that is written on this screen', () => {
    writeAs(WITH_COMMA);
    expect([shown('1234.50', 2), percent('0.625'), exactPercent('0.6255')]).toEqual([
      '1234,5',
      '62,5 %',
      '62,55 %',
    ]);
    expect([stepped('0,52 EC', 0.01, 2, 0), fixed(5.75, 1)]).toEqual(['0,53 EC', '5,8']);
  });

  it('leaves exact figures, dates, names and sentences of an answer as they are', () => {
    writeAs(WITH_COMMA);
    const told = {
      name: 'Terra 2.0',
      water: { reading: '0.52', ec: { value: '0.52', unit: 'mS/cm' }, ph: 7.1 },
      strength_shown: '62.5 %',
      until: '2026-12-02',
      label: { acid: { kind: 'nitric', percent: '37.5' } },
      warning: { message: 'Terra 2.0 has 1,5 mL.' },
      error: { code: 'ambiguous_number', message: 'write 1250 or 1.25', where: 'reading' },
      nothing: null,
    };
    expect(forPerson(told)).toEqual({
      ...told,
      water: { ...told.water, reading: '0,52' },
      strength_shown: '62,5 %',
    });
  });
});
