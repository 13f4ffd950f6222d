import type { Slot } from '../circuit/circuit.ts';
import { takesExtra, type Extra } from '../dose/dose.ts';
import { mainTarget } from '../drills/kinds.ts';
import type { Drill } from '../drills/drill.ts';
import type { Target } from '../drills/target.ts';
import type { Person } from '../people/person.ts';
import { REGIONS, type Region } from '../people/region.ts';

/** The targets that work on a region, by what they begin with. Common practice, no source. */
const WORKS_ON: Readonly<Record<Region, readonly string[]>> = {
  neck: ['neck'],
  shoulder: ['shoulder ·', 'shoulder blades', 'chest', 'lats'],
  back: ['spine', 'thoracic', 'trunk'],
  hip: ['hip', 'glutes', 'adductors'],
  knee: ['knee', 'quads', 'hamstrings'],
  ankle: ['ankle', 'calf'],
  wrist: ['wrist', 'grip'],
};

/** More on the side that needs it: two repetitions or holds, or five seconds of a time. Common practice, no source. */
const MORE_TIMES = 2;
const MORE_SECONDS = 5;

/** The region that a drill works on most; undefined where it works on none of them. */
export function regionOf(drill: Pick<Drill, 'targets'>): Region | undefined {
  const target: Target | undefined = mainTarget(drill);
  return target && REGIONS.find((region) => WORKS_ON[region].some((begins) => target.startsWith(begins)));
}

/**
 * The little more that a slot should give somebody's stiffer or weaker side; undefined where it works on another region, does
 * both sides at once, or gives one side more already.
 */
export function moreFor(
  slot: Pick<Slot, 'dose' | 'sides' | 'extra'>,
  drill: Pick<Drill, 'targets'>,
  stiffer: Person['stiffer'],
): Extra | undefined {
  const region = regionOf(drill);
  const side = region && stiffer[region];
  if (!side || slot.sides === 'both' || slot.extra !== null || !takesExtra(slot.dose)) return undefined;
  // A length of the floor more is no little more.
  if (slot.dose.kind === 'distance') return undefined;
  const timed = slot.dose.kind === 'time' || slot.dose.kind === 'feel';
  return { side, more: timed ? MORE_SECONDS : MORE_TIMES };
}
