import { describe, expect, it, vi } from 'vitest';

import type { Water } from '../../src/api/client';
import { editOf, LINES, withChange } from '../../src/water/report';
import { overview } from '../overview';

vi.mock('../../src/api/client', () => ({}));

const water = {
  id: 2,
  name: 'Yard mains',
  kind: 'mains',
  reading: '0.5',
  ec: { value: '0.52', unit: 'mS/cm' },
  ph: '7.6',
  temperature: '64.4 °F',
  celsius: '18',
  disinfectant: 'chlorine',
  treated_by: null,
  reported_on: '2026-03-01',
  note: '',
  report: { calcium: '68', sodium: '18' },
} as unknown as Water;
const grow = overview;

describe('a change of a water', () => {
  it('names only what is changed, with what it was, exact and not as it was shown', () => {
    const told = editOf(grow, water, { reading: '0.6', calcium: '70', chloride: '31', ph: '7.5' });
    expect(told).toMatchObject({ reading: '0.6', calcium: '70', chloride: '31', ph: '7.5' });
    expect(told.seen).toEqual({ ec: water.ec, calcium: '68', chloride: '', ph: '7.6' });
    expect(told.typed_in).toBeDefined();
  });

  it('says what was seen of a temperature in °C, whatever scale it is shown on', () => {
    expect(editOf(grow, water, { temperature: '66 °F' }).seen).toEqual({ temperature: '18' });
  });

  it('stands at once as it was typed, and all else stays', () => {
    const after = withChange(water, { reading: '0.61', sodium: '20', note: 'after the rain' });
    expect(after).toMatchObject({
      reading: '0.61',
      ec: null, // nobody knows it exactly until the server has read it
      note: 'after the rain',
      report: { calcium: '68', sodium: '20' },
      kind: 'mains',
      ph: '7.6',
    });
    expect(withChange(water, { reading: '' })).toMatchObject({ reading: null, ec: null });
    expect(withChange(water, {})).toEqual(water);
    expect(withChange(water, { treated_by: 'carbon' }).disinfectant).toBe('chlorine');
    expect(withChange(water, { disinfectant: null }).disinfectant).toBeNull();
  });

  it('has each line of a report once', () => {
    expect(new Set(LINES.map((line) => line.name)).size).toBe(LINES.length);
  });
});
