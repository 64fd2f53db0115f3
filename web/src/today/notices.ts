import type { Shapes } from '../api/client';
import { taskWords } from '../words/seasons';

type Today = Shapes['TodayOut'];

/** Whether this browser can tell of something at all, and whether the person has said so. */
export function mayTell(): 'yes' | 'ask' | 'no' {
  if (!('Notification' in window)) return 'no';
  return { granted: 'yes', default: 'ask', denied: 'no' }[Notification.permission] as 'yes';
}

/** Longer than a browser's clock counts in one go; by then the page has been fetched anew. */
const LONGEST_MS = 2 ** 31 - 1;

/**
 * Tell of what is wanted of today at its hour, while this page is open; the function returned stops.
 *
 * @param tell shows one notice.
 * @param now milliseconds since the epoch.
 */
export function announce(
  today: Today,
  tell: (title: string, words: string) => void,
  now = Date.now(),
): () => void {
  const timers: ReturnType<typeof setTimeout>[] = [];
  for (const tank of today.tanks) {
    const named = (key: string) => tank.products.find((one) => one.key === key)?.name ?? key;
    if (tank.watched && !tank.watched.due) {
      const ahead = Date.parse(tank.watched.look_at) - now;
      if (ahead >= 0) timers.push(setTimeout(() => tell(tank.name, 'look for leaks'), ahead));
    }
    for (const task of tank.tasks) {
      const ahead = task.moment ? Date.parse(task.moment) - now : -1;
      const isOpen = task.state === 'planned' || task.state === 'due';
      if (!isOpen || ahead < 0 || ahead > LONGEST_MS) continue;
      timers.push(setTimeout(() => tell(tank.name, taskWords(task, named)), ahead));
    }
  }
  return () => timers.forEach(clearTimeout);
}
