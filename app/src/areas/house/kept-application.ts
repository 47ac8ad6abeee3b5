import { create } from 'zustand';

interface KeptApplication {
  /** A newer application that is there and waits to take over. */
  readonly newer: ServiceWorker | null;
}

/** The application as the browser keeps it, so that it opens without the server. */
export const useKeptApplication = create<KeptApplication>()(() => ({ newer: null }));

const CHECKED_MS = 30 * 60_000;

/** Whether the browser lets an application be kept under this address: at the computer itself, or by https. */
export const canBeKept = (): boolean => 'serviceWorker' in navigator;

/** Lets the browser keep the application, and hears when a newer one is there. */
export async function keepApplication(): Promise<void> {
  if (!canBeKept()) return;
  const { serviceWorker } = navigator;
  // The first one takes the next page; only one that takes the place of another is news.
  const waits = (worker: ServiceWorker | null) => {
    if (worker && serviceWorker.controller) useKeptApplication.setState({ newer: worker });
  };
  const comes = (worker: ServiceWorker | null) =>
    worker?.addEventListener('statechange', () => worker.state === 'installed' && waits(worker));
  const registration = await serviceWorker.register('/sw.js', { updateViaCache: 'none' });
  waits(registration.waiting);
  // The browser looks by itself when a page opens: the newer one may be on its way already.
  comes(registration.installing);
  registration.addEventListener('updatefound', () => comes(registration.installing));
  const look = () => void registration.update().catch(() => undefined);
  setInterval(look, CHECKED_MS);
  document.addEventListener('visibilitychange', () => document.visibilityState === 'visible' && look());
}

/** Lets the newer application take over, and opens it. */
export function takeNewer(): void {
  const { newer } = useKeptApplication.getState();
  navigator.serviceWorker.addEventListener('controllerchange', () => window.location.reload(), {
    once: true,
  });
  newer?.postMessage({ type: 'SKIP_WAITING' });
}
