import { ADDRESSES, type Address, type EndpointName } from '@prompt-spark/contract/addresses';

/** Answers of the server that a device keeps, so that it can be used without a network. */
export const ANSWERS = 'prompt-spark-answers';
/** Lines that were spoken, likewise. */
export const CLIPS = 'prompt-spark-clips';

/** What is asked for that may be kept: the studio's plans and words. Nothing of people, and nothing of how they are. */
const MAY_BE_KEPT: readonly EndpointName[] = [
  'welcome',
  'places',
  'drills',
  'pronunciations',
  'words',
  'voices',
  'standards',
  'circuits',
  'circuit',
  'sessions',
  'session',
  'ownPace',
];

const patterns = MAY_BE_KEPT.map((name): RegExp => {
  const { path }: Address = ADDRESSES[name];
  return new RegExp(`^${path.replace(':id', '[^/]+')}$`);
});

/** Whether the answer to a request with this path may be kept on the device. */
export const mayBeKept = (path: string): boolean => patterns.some((pattern) => pattern.test(path));

/**
 * What an answer is kept under. The days that are asked for change from one to the next: of the sessions the newest list is
 * kept, whatever its days, and the page shows those that are today's.
 */
export function keptUnder(address: string): string {
  const url = new URL(address);
  if (url.pathname === ADDRESSES.sessions.path) url.search = '';
  return url.href;
}

/** Nothing of a coach stays on the device: they sign out, or somebody else signs in. */
export async function forgetKept(): Promise<void> {
  if (!('caches' in globalThis)) return;
  await Promise.all([caches.delete(ANSWERS), caches.delete(CLIPS)]);
}
