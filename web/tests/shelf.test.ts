import { describe, expect, it } from 'vitest';

import type { Label } from '../src/api/client';
import { EMPTY, printedIn, summary, withLine } from '../src/shelf/label';
import { BOTTLE_STATES, lastsWords } from '../src/words/stock';

describe('how long a bottle lasts', () => {
  it('is told where an order would come too late, and not before', () => {
    expect([null, 0, 1, 9, 14, 15, 200].map(lastsWords)).toEqual([
      '',
      'used up today',
      'lasts about 1 day',
      'lasts about 9 days',
      'lasts about 14 days',
      '',
      '',
    ]);
  });

  it('says nothing of a good one', () => {
    expect(Object.entries(BOTTLE_STATES).filter(([, words]) => !words)).toEqual([['good', '']]);
  });
});

describe('a label as it is printed', () => {
  it('is in what was chosen, and in percent by weight at first', () => {
    const label = (change: Partial<Label>) => printedIn({ ...EMPTY, ...change });
    expect(label({})).toBe('w/w');
    expect(label({ basis: 'w/v' })).toBe('w/v');
    expect(label({ printed_in: 'g/L', basis: 'w/w' })).toBe('g/L');
    expect(label({ printed_in: 'mg/L', basis: 'w/v' })).toBe('mg/L');
  });

  it('takes a line with a comma, and loses one that is emptied', () => {
    const one = withLine(null, 'K2O', ' 1,8 ');
    expect(one.analysis).toEqual({ K2O: '1.8' });
    expect(summary(one)).toBe('K₂O 1.8');
    expect(withLine(one, 'K2O', '').analysis).toEqual({});
    expect(summary(withLine(one, 'K2O', ''))).toBe('no label yet');
  });
});
