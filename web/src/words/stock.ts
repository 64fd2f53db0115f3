import type { Shapes } from '../api/client';

export type Stock = Shapes['StockOut'];
export type Bottle = Shapes['StockBottle'];

/** What is to be minded of a bottle; nothing of a good one. */
export const BOTTLE_STATES = {
  good: '',
  soon_off: 'goes off soon',
  off: 'past its last good day',
  empty: 'empty',
} as const satisfies Record<Bottle['state'], string>;

export const STOCK_ENTRIES = {
  received: 'received',
  used: 'used in a mix',
  corrected: 'corrected',
  discarded: 'thrown away',
} as const satisfies Record<Shapes['StockEntryOut']['kind'], string>;

/** Days below which an order is due: it takes a week or two to come. */
export const ORDER_DAYS = 14;

/** How long something lasts, where that is soon. */
export function lastsWords(days: number | null): string {
  if (days === null || days > ORDER_DAYS) return '';
  if (days < 1) return 'used up today';
  return `lasts about ${days} ${days === 1 ? 'day' : 'days'}`;
}
