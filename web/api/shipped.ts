import type { Drill } from '@prompt-spark/core/drills/drill';
import type { Figures } from '@prompt-spark/core/figure/motion';
import { drills, figures } from 'virtual:shipped-library';
import { ServerAway } from './call.ts';

/** The drills that ship, from a file of the build that the browser keeps. */
export function shippedDrills(): Promise<readonly Drill[]> {
  return fileOf<readonly Drill[]>(drills);
}

/** The figures that ship, likewise. */
export function shippedFigures(): Promise<Figures> {
  return fileOf<Figures>(figures);
}

/** A file that this very build wrote, under the digest of what is in it: it is what it says. */
async function fileOf<T>(address: string): Promise<T> {
  const response = await fetch(address).catch(() => undefined);
  if (!response?.ok) throw new ServerAway();
  return (await response.json()) as T;
}
