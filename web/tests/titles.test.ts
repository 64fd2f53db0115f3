import { describe, expect, it } from 'vitest';

import { titleOf } from '../src/shell/titles';
import { VIEWS, at } from '../src/shell/views';

const yard = {
  name: 'Gullhouse Yard',
  tanks: [{ id: 5, name: 'Gerbera bench' }],
  charts: [{ chart_id: 7, name: 'Turnstone' }],
};

describe('the title of a page', () => {
  it('names the view and the tank or chart it is about', () => {
    expect(titleOf('/g/3/tanks/5/mix', yard)).toBe('Mix · Gerbera bench · Brisk Measure');
    expect(titleOf('/g/3/tanks/5/mixes', yard)).toBe('Mixes · Gerbera bench · Brisk Measure');
    expect(titleOf('/g/3/charts/7', yard)).toBe('Leaflet · Turnstone · Brisk Measure');
  });

  it('names the grow where a view is about all of it, and nothing that is not known yet', () => {
    expect(titleOf('/g/3/water', yard)).toBe('Water · Gullhouse Yard · Brisk Measure');
    expect(titleOf('/g/3/tanks/5/mix', undefined)).toBe('Mix · Brisk Measure');
    expect(titleOf('/', undefined)).toBe('Brisk Measure');
  });

  it.each(VIEWS)('$path has one of its own', (view) => {
    const title = titleOf(at(view, 3, { tank: 5 }), yard);
    expect(title.startsWith(`${view.words} · `)).toBe(true);
  });
});
