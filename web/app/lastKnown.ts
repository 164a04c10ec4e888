/**
 * What this device knew last, for when it is loaded while the server can't be reached: the pages and what
 * they have read are kept by a service worker, where the browser has one. Plain HTTP has none.
 */
import { registerSW } from 'virtual:pwa-register';

/** The worker's own name for it. */
const CACHE = 'last-known';
const AFTER = 200;

const isKept = (): boolean => 'caches' in window && 'serviceWorker' in navigator;

/** `onReady`: from now on what is read is kept, which what was read before was not. */
export function keepLastKnown(onReady: () => void): void {
  if (!isKept() || !import.meta.env.PROD) return;
  if (!navigator.serviceWorker.controller)
    navigator.serviceWorker.addEventListener('controllerchange', onReady, { once: true });
  registerSW({ immediate: true });
}

const writing = new Map<string, ReturnType<typeof setTimeout>>();

/** Keeps what a page knows better than the last answer that it read. */
export function remember(path: string, value: unknown): void {
  if (!isKept()) return;
  clearTimeout(writing.get(path));
  writing.set(
    path,
    setTimeout(() => {
      writing.delete(path);
      const kept = new Response(JSON.stringify(value), {
        headers: { 'content-type': 'application/json' },
      });
      // A full disk, or a browser that keeps nothing: then the last answer holds.
      caches
        .open(CACHE)
        .then((cache) => cache.put(`/api${path}`, kept))
        .catch(() => undefined);
    }, AFTER),
  );
}

/** A device that is let in no more knows nothing any more. */
export function forgetLastKnown(): void {
  if (isKept()) void caches.delete(CACHE).catch(() => undefined);
}
