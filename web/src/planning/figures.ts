/** Decimal text from the server as people read it; nothing here is computed with again. */

import { written } from '../words/numbers';

const THIN_SPACE = '\u2009';

/** Whole digits in threes, and at most so many places; ending zeros go. */
export function shown(text: string, places: number): string {
  const [whole = '0', rest = ''] = text.split('.');
  const rounded = rest.length > places ? Number(text).toFixed(places) : text;
  const [digits = whole, decimals = ''] = rounded.split('.');
  const grouped = digits.length > 4 ? digits.replace(/\B(?=(\d{3})+$)/g, THIN_SPACE) : digits;
  const kept = decimals.replace(/0+$/, '');
  return kept ? written(`${grouped}.${kept}`) : grouped;
}

/** Three digits or so: enough to see where in a range an amount lies. */
export function rough(text: string): string {
  return shown(text, Number(text) >= 100 ? 0 : 1);
}

/** A share of 1 as a percentage. */
export function percent(share: string): string {
  return `${shown((Number(share) * 100).toFixed(6), 1)} %`;
}

/** The same to the last digit, as text that can be taken for a figure: `0.6255` is `62.55 %`. */
export function exactPercent(share: string): string {
  const [whole = '0', decimals = ''] = share.split('.');
  const rest = decimals.slice(2).replace(/0+$/, '');
  const shifted = `${whole}${decimals.slice(0, 2).padEnd(2, '0')}`.replace(/^0+(?=\d)/, '');
  return written(`${shifted}${rest && `.${rest}`} %`);
}

/** A typed number, one step up or down, its unit kept: `80 %` becomes `85 %`. */
export function stepped(text: string, by: number, places: number, least: number): string {
  const found = /^\s*(\d+(?:[.,]\d+)?)(.*)$/.exec(text);
  if (!found?.[1]) return text;
  const next = Math.max(least, Number(found[1].replace(',', '.')) + by);
  return `${written(`${Number(next.toFixed(places))}`)}${found[2] ?? ''}`;
}
