import { demandOf, type Demand } from '../drills/demand.ts';
import { isRolling, isStaticHold } from '../drills/kinds.ts';
import type { Target, Targets } from '../drills/target.ts';
import type { Ceilings } from '../people/ceilings.ts';
import { conflictsOf, type Conflict } from '../people/conflictsOf.ts';
import type { Capped } from '../people/limitation.ts';
import type { Candidate, Kept, SlotPlace } from './swap.ts';

/** Why somebody needs something else in a slot. */
export interface Need {
  readonly ceilings: Ceilings;
  readonly conflicts: readonly Conflict[];
  readonly kept: Kept;
}

const ARM_DEMANDS: ReadonlySet<Capped> = new Set<Capped>([
  'shoulder overhead',
  'shoulder bearing',
  'shoulder behind',
  'wrist bearing',
  'grip',
]);
const LEG_DEMANDS: ReadonlySet<Capped> = new Set<Capped>([
  'knee bend',
  'knee kneeling',
  'knee impact',
  'knee twist',
  'hip range',
  'hip load',
  'ankle range',
  'ankle impact',
  'impact',
]);
const ARM_TARGETS = /^(?:shoulder|upper back|chest|lats|triceps|elbow|wrist|grip|pattern · push)/;
/** What is no work of the arms: a pulse or a balance that the legs give is lost with them. */
const LEGS_AND_SYSTEM =
  /^(?:system|ankle|calf|knee|quads|hamstrings|hip|adductors|glutes|pattern · (?:squat|hinge|lunge|run|jump|landing|turn))/;
/** Under this share of a drill there is nothing worth keeping. Common practice, no source. */
const LEAST_KEPT = 0.35;

/** What is left of a purpose for the limbs that are not limited. */
export function keptOf(targets: Targets, kept: Kept): Targets {
  const lost = { all: undefined, legs: ARM_TARGETS, arms: LEGS_AND_SYSTEM }[kept];
  if (!lost) return targets;
  const left = (Object.entries(targets) as [Target, number][]).filter(([target]) => !lost.test(target));
  return Object.fromEntries(left);
}

const sumOf = (targets: Targets): number => Object.values(targets).reduce((sum, strength) => sum + strength, 0);

/** What somebody needs in a slot: where only the arms are limited the legs keep their work, and the other way round. */
export function needOf(place: SlotPlace, ceilings: Ceilings): Need {
  const conflicts = conflictsOf(place.rung, ceilings);
  return { ceilings, conflicts, kept: keptBy(place.drill.targets, conflicts) };
}

function keptBy(targets: Targets, conflicts: readonly Conflict[]): Kept {
  const worth = (kept: Kept): boolean => sumOf(keptOf(targets, kept)) >= LEAST_KEPT * sumOf(targets);
  if (conflicts.length === 0) return 'all';
  if (conflicts.every(({ capped }) => ARM_DEMANDS.has(capped)) && worth('legs')) return 'legs';
  return conflicts.every(({ capped }) => LEG_DEMANDS.has(capped)) && worth('arms') ? 'arms' : 'all';
}

/** What a seat takes off somebody. */
const HELPED_BY_A_SEAT: ReadonlySet<Capped> = new Set<Capped>([
  ...LEG_DEMANDS,
  'balance',
  'getting down',
  'lying supine',
  'lying prone',
  'head below heart',
  'holding hard',
  'effort',
]);

/** The most that a swap may be harder than what it stands in for, in points of effort. Common practice, no source. */
const MOST_HARDER = 1;

/**
 * Whether a candidate is no good answer to a need, though it is permitted: harder for the part that is limited, harder
 * altogether, a harder version, of another kind, a bar to be loaded, or a chair that helps nothing. Common practice, no
 * source.
 */
export function isMisfit(place: SlotPlace, candidate: Candidate, need: Need): boolean {
  const { rung, own } = candidate;
  const planned = place.rung;
  if (Object.keys(need.ceilings).length === 0) return false;
  if (isHarder(place, candidate)) return true;
  if (demandOf(rung.demands, 'impact') > mostImpact(place, need, own)) return true;
  if (limitedBy(need).some((demand) => demandOf(rung.demands, demand) > demandOf(planned.demands, demand))) return true;
  if (isOfAnotherKind(place, candidate)) return true;
  return sitsDown(place, candidate) && !need.conflicts.some(({ capped }) => HELPED_BY_A_SEAT.has(capped));
}

/** Whether a candidate is a harder version, or harder altogether than a swap may be. */
export const isHarder = ({ rung: planned }: SlotPlace, { rung }: Candidate): boolean =>
  rung.rung > 0 || rung.effort > planned.effort + MOST_HARDER;

/** Whether a candidate is another drill and of another kind: a bar to be loaded, still for quick, or quick for still. */
export function isOfAnotherKind({ drill: planned }: SlotPlace, { drill, own }: Candidate): boolean {
  if (own) return false;
  if (drill.usual.dose.kind === 'lift' && planned.usual.dose.kind !== 'lift') return true;
  return isStill(planned) ? isQuick(drill) : isQuick(planned) && isStill(drill);
}

/** Whom a joint, the back or the balance keeps from a drill is not given another one that jumps. */
function mostImpact({ rung: planned }: SlotPlace, { conflicts }: Need, own: boolean): number {
  const most = demandOf(planned.demands, 'impact');
  return !own && conflicts.some(({ capped }) => MINDS_LANDING.has(partOf(capped))) ? Math.min(1, most) : most;
}

const MINDS_LANDING: ReadonlySet<string> = new Set(['knee', 'hip', 'ankle', 'back', 'impact', 'balance']);

/** The demands of the parts that are limited: of those that what is planned is too much for, where it is. */
function limitedBy({ ceilings, conflicts }: Need): readonly Demand[] {
  const limited = Object.keys(ceilings).filter((capped): capped is Demand => capped !== 'effort');
  if (conflicts.length === 0) return limited;
  const parts = new Set(conflicts.map(({ capped }) => partOf(capped)));
  return limited.filter((demand) => parts.has(partOf(demand)));
}

/** The part of the body that a demand is of: "knee" of "knee bend". */
const partOf = (capped: Capped): string => capped.split(' ')[0] ?? capped;

/** Whether a candidate is another drill and sits people down who stood. */
export function sitsDown({ rung: planned }: SlotPlace, { rung, own }: Candidate): boolean {
  return !own && rung.posture === 'seated' && rung.kit.includes('chair') && planned.posture !== 'seated';
}

const isStill = (drill: SlotPlace['drill']): boolean => isStaticHold(drill) || isRolling(drill);
const isQuick = ({ phases }: SlotPlace['drill']): boolean => phases[0] === 'raise' || phases[0] === 'potentiate';
