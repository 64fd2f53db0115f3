/**
 * Keeps this page's own files with the service worker, so that the bench opens without network. In
 * development there is no worker, and nothing is kept.
 */
export async function keepAtHand() {
  if (!('serviceWorker' in navigator) || import.meta.env.DEV) return;
  try {
    await navigator.serviceWorker.register('/sw.js');
    const { active } = await navigator.serviceWorker.ready;
    const loaded = performance.getEntriesByType('resource').map((entry) => entry.name);
    const named = [...document.querySelectorAll<HTMLLinkElement>('link[href]')].map((l) => l.href);
    const scripts = [...document.querySelectorAll<HTMLScriptElement>('script[src]')];
    const files = [...loaded, ...named, ...scripts.map((script) => script.src)]
      .map((file) => new URL(file, location.origin))
      .filter((file) => file.origin === location.origin && file.pathname.startsWith('/static/'));
    active?.postMessage({ keep: ['/', ...new Set(files.map((file) => file.pathname))] });
  } catch {
    // Without a worker everything works while there is network.
  }
}
