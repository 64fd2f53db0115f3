import { openDB, type DBSchema, type IDBPDatabase } from 'idb';

import type { GuidedState, MixEvent } from '../../api/client';

/** What a device remembers of a mix: where it stood when last heard, by how much the server's clock
 * was ahead then, and what is not yet told. */
interface Remembered extends DBSchema {
  mixes: { key: number; value: { grow: number; bench: GuidedState; ahead?: number } };
  untold: { key: string; value: { mix: number; event: MixEvent }; indexes: { mix: number } };
}

let opened: Promise<IDBPDatabase<Remembered>> | undefined;

function db() {
  opened ??= openDB<Remembered>('brisk-measure-bench', 1, {
    upgrade(fresh) {
      fresh.createObjectStore('mixes');
      fresh.createObjectStore('untold', { keyPath: 'event.id' }).createIndex('mix', 'mix');
    },
  });
  return opened;
}

export async function remember(grow: number, bench: GuidedState, ahead: number) {
  await (await db()).put('mixes', { grow, bench: structuredClone(bench), ahead }, bench.id);
}

export async function recall(mix: number) {
  return await (await db()).get('mixes', mix);
}

export async function forget(mix: number) {
  await (await db()).delete('mixes', mix);
}

/** What is forgotten when somebody leaves this device: where mixes stood. What was not told stays. */
export async function forgetAll() {
  await (await db()).clear('mixes');
}

export async function keepUntold(mix: number, event: MixEvent) {
  await (await db()).put('untold', { mix, event });
}

export async function untold(mix: number): Promise<MixEvent[]> {
  const found = await (await db()).getAllFromIndex('untold', 'mix', mix);
  return found.map((one) => one.event).sort((a, b) => a.at - b.at);
}

export async function told(events: MixEvent[]) {
  const all = await db();
  for (const event of events) await all.delete('untold', event.id);
}
