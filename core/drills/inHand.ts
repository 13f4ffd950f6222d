import type { LoadUnit } from '../dose/lift.ts';
import type { Drill, Variant } from './drill.ts';
import type { Kit } from './kit.ts';

/** How strong a band is. */
export const BAND_STRENGTHS = ['light', 'medium', 'heavy'] as const;
export type BandStrength = (typeof BAND_STRENGTHS)[number];

/** What is held, in kilograms or pounds. */
export interface Load {
  readonly amount: number;
  readonly unit: LoadUnit;
}

/** What people have in their hands and on their legs, beyond what the drill itself asks for. */
export interface InHand {
  readonly load: Load | null;
  readonly band: BandStrength | null;
}

const WEIGHTS: ReadonlySet<Kit> = new Set<Kit>(['light plate', 'dumbbell', 'kettlebell', 'medicine ball', 'barbell']);
const BANDS: ReadonlySet<Kit> = new Set<Kit>(['loop band', 'long band']);

const made = new WeakMap<Drill, Map<string, Drill>>();

/**
 * A drill with what is in the hands: one that is done without a weight asks for a dumbbell and for the grip that holds it,
 * one without a band asks for a loop band, and either is a little harder than the drill as named. As it is where it has
 * them already. One object for one drill and what is added, however often it is asked for.
 */
export function withInHand(drill: Drill, { load, band }: InHand): Drill {
  const added: readonly Kit[] = [
    ...(load && !drill.kit.some((kit) => WEIGHTS.has(kit)) ? (['dumbbell'] as const) : []),
    ...(band && !drill.kit.some((kit) => BANDS.has(kit)) ? (['loop band'] as const) : []),
  ];
  if (added.length === 0) return drill;
  const key = added.join();
  const known = made.get(drill) ?? new Map<string, Drill>();
  made.set(drill, known);
  const before = known.get(key);
  if (before) return before;
  const harder = { ...withMore(drill, added), ladder: drill.ladder.map((rung) => heldOn(withMore(rung, added))) };
  known.set(key, harder);
  return harder;
}

function withMore<Done extends Pick<Drill, 'kit' | 'effort'>>(done: Done, added: readonly Kit[]): Done {
  return { ...done, kit: [...new Set([...done.kit, ...added])], effort: Math.min(10, done.effort + 1) };
}

/** A weight is held: the grip is asked for, clearly. */
function heldOn(rung: Variant): Variant {
  if (!rung.kit.includes('dumbbell')) return rung;
  return { ...rung, demands: { ...rung.demands, grip: atLeastClearly(rung.demands.grip) } };
}

const atLeastClearly = (asked: 0 | 1 | 2 | 3 | undefined): 2 | 3 => (asked === 3 ? 3 : 2);
