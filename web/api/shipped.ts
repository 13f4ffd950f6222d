import type { Drill } from '@prompt-spark/core/drills/drill';
import type { DrillFigure, Figures } from '@prompt-spark/core/figure/motion';
import { drills, figures } from 'virtual:shipped-library';
import { ServerAway } from './call.ts';
import { entriesLater } from './entriesLater.ts';

/** The drills that ship, from a file of the build that the browser keeps. */
export async function shippedDrills(): Promise<readonly Drill[]> {
  // This very build wrote it, under the digest of what is in it: it is what it says.
  return (await (await fileAt(drills)).json()) as readonly Drill[];
}

/** The figures that ship, likewise. */
export async function shippedFigures(): Promise<Figures> {
  return entriesLater<DrillFigure>(await (await fileAt(figures)).text());
}

async function fileAt(address: string): Promise<Response> {
  const response = await fetch(address).catch(() => undefined);
  if (!response?.ok) throw new ServerAway();
  return response;
}
