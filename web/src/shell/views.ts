/** The views one can go to; the mix keeps its settings in the address, the others have a word. */
export type View = 'mix' | 'water' | 'shelf';

export const VIEWS: { view: View; words: string; key: string }[] = [
  { view: 'mix', words: 'Mix', key: '1' },
  { view: 'water', words: 'Water', key: '2' },
  { view: 'shelf', words: 'Shelf', key: '3' },
];

export function viewOf(hash: string): View {
  return hash === '#water' ? 'water' : hash === '#shelf' ? 'shelf' : 'mix';
}
