/** The views one can go to; the mix keeps its settings in the address, the others have a word. */
export type View = 'mix' | 'water' | 'shelf' | 'bench';

export const VIEWS: { view: View; words: string; key: string }[] = [
  { view: 'mix', words: 'Mix', key: '1' },
  { view: 'water', words: 'Water', key: '2' },
  { view: 'shelf', words: 'Shelf', key: '3' },
];

export function viewOf(hash: string): View {
  if (benchOf(hash) !== undefined) return 'bench';
  return hash === '#water' ? 'water' : hash === '#shelf' ? 'shelf' : 'mix';
}

/** The number of the mix that an address takes to the bench. */
export function benchOf(hash: string): number | undefined {
  const found = /^#bench=(\d+)$/.exec(hash)?.[1];
  return found === undefined ? undefined : Number(found);
}
