import { defineStore } from 'pinia';
import { ref } from 'vue';
import type { Workbox } from 'workbox-window';
import { SERVICE_WORKER } from '../trustedTypes.ts';
import { useVoiceSettings } from '../voice/voiceSettings.ts';
import type { Ahead } from './aheadWorker.ts';

/** The page has this long to come to rest before it is kept for times without a network. */
const REST_MS = 6_000;

/** Keeps what a coach needs without a network, once this page is looked after by what keeps it. It is a help: nobody waits for it. */
async function keepAhead(): Promise<void> {
  await navigator.serviceWorker.ready;
  const { Workshop, WorkFailed } = await import('../workers/workshop.ts');
  const workshop = new Workshop<Ahead>(
    () => new Worker(new URL('./aheadWorker.ts', import.meta.url), { type: 'module' }),
  );
  try {
    await workshop.ask((ahead) => ahead.keepAhead(new Date(), useVoiceSettings().settings.value));
  } catch (error) {
    if (!(error instanceof WorkFailed)) throw error;
  } finally {
    workshop.end();
  }
}

/** A newer version of the application that waits on this device. It is offered, and never takes over by itself. */
export const useUpdateStore = defineStore('update', () => {
  const ready = ref(false);
  let worker: Workbox | undefined;
  let begun = false;

  /** Keeps the application on this device, where the browser can. */
  async function keepHere(): Promise<void> {
    if (begun || !('serviceWorker' in navigator)) return;
    begun = true;
    const { Workbox } = await import('workbox-window');
    worker = new Workbox(SERVICE_WORKER);
    worker.addEventListener('waiting', () => (ready.value = true));
    try {
      await worker.register();
    } catch {
      // A browser that keeps nothing, as in a private window, runs all the same.
      return;
    }
    await keepAhead();
  }

  /** Has the newer version take over, and opens the page in it. */
  function take(): void {
    worker?.addEventListener('controlling', () => location.reload());
    void navigator.serviceWorker.getRegistration().then((found) => found?.waiting?.postMessage('take over'));
  }

  return { ready, keepSoon: () => setTimeout(() => void keepHere(), REST_MS), keepHere, take };
});
