import { monitorEventLoopDelay } from 'node:perf_hooks';

/** What was done, and the longest that everybody else would have waited meanwhile, in milliseconds. */
export async function stallDuring<T>(work: () => Promise<T>): Promise<{ readonly result: T; readonly stall: number }> {
  const delay = monitorEventLoopDelay({ resolution: 2 });
  delay.enable();
  // The first tick of the measure itself is not counted.
  await new Promise((resolve) => setTimeout(resolve, 10));
  delay.reset();
  const result = await work();
  await new Promise((resolve) => setTimeout(resolve, 10));
  delay.disable();
  return { result, stall: delay.max / 1e6 };
}

/**
 * What a test calls a stall, in milliseconds: far more than is aimed at, for a test runs on any machine. What is aimed at
 * is measured by the bench beside it.
 */
export const STALL_MS = 400;

/** The result of the first time, and the shortest stall of up to four where it is above a limit: what the machine did meanwhile happens once. */
export async function leastStallOf<T>(
  work: () => Promise<T>,
  limit = STALL_MS,
): Promise<{ readonly result: T; readonly stall: number }> {
  const { result, stall } = await stallDuring(work);
  let least = stall;
  for (let again = 0; again < 3 && least >= limit; again += 1) least = Math.min(least, (await stallDuring(work)).stall);
  return { result, stall: least };
}
