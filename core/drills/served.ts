import { demandOf, type Demand } from './demand.ts';
import type { Drill, Variant } from './drill.ts';
import type { Posture } from './posture.ts';
import type { Target, Targets } from './target.ts';

/** What a rung of a drill prepares: what the drill does, unless the rung says otherwise. */
export function servedOn({ targets }: Pick<Drill, 'targets'>, rung: Variant): Targets {
  return rung.targets ?? targets;
}

/** The demand by which a target is served, and what is left of it on a rung that does not ask it at all. */
interface ServedBy {
  readonly demand: Demand;
  readonly left: number;
}

/**
 * What must be asked of the body for a target to be served: no overhead work without an arm overhead, no landing without a
 * jump. A stretch that is named by what it lengthens is only weaker with less range. Common practice, no source.
 */
const SERVED_BY: Readonly<Partial<Record<Target, ServedBy>>> = {
  'thoracic · rotation': { demand: 'back twisting', left: 0 },
  'shoulder · overhead': { demand: 'shoulder overhead', left: 0 },
  'shoulder · behind': { demand: 'shoulder behind', left: 0 },
  'spine · bending': { demand: 'back bending', left: 0 },
  'spine · arching': { demand: 'back arching', left: 0 },
  'pattern · jump': { demand: 'impact', left: 0 },
  'pattern · landing': { demand: 'impact', left: 0 },
  'calf · elastic': { demand: 'impact', left: 0 },
  'pattern · run': { demand: 'impact', left: 0.4 },
  'pattern · squat': { demand: 'knee bend', left: 0 },
  'pattern · lunge': { demand: 'knee bend', left: 0 },
  'knee · bending': { demand: 'knee bend', left: 0 },
  'quads · length': { demand: 'knee bend', left: 0 },
  'quads · activation': { demand: 'knee bend', left: 0.3 },
  'system · balance': { demand: 'balance', left: 0 },
  'ankle · dorsiflexion': { demand: 'ankle range', left: 0.3 },
  'lats · length': { demand: 'shoulder overhead', left: 0.3 },
  'hip · flexion': { demand: 'hip range', left: 0.3 },
  'hip · external rotation': { demand: 'hip range', left: 0.3 },
  'hip · internal rotation': { demand: 'hip range', left: 0.3 },
  'adductors · length': { demand: 'hip range', left: 0.3 },
  'hamstrings · length': { demand: 'hip range', left: 0.4 },
  'glutes · length': { demand: 'hip range', left: 0.3 },
  'hip flexor · length': { demand: 'hip range', left: 0.3 },
};

/** What is done on the feet, and what of it is left in a seat. Common practice, no source. */
const ON_THE_FEET: Readonly<Partial<Record<Target, number>>> = {
  'pattern · squat': 0,
  'pattern · lunge': 0,
  'pattern · jump': 0,
  'pattern · landing': 0,
  'pattern · run': 0.3,
  'pattern · turn': 0.3,
  'pattern · crawl': 0,
  'system · balance': 0,
  'calf · elastic': 0,
  'glutes · activation': 0.4,
  'hip abductors · activation': 0.5,
  'hip · extension': 0.3,
  'hip flexor · length': 0,
};

const OFF_THE_SEAT: ReadonlySet<Posture> = new Set<Posture>([
  'standing',
  'squat',
  'half-kneeling',
  'kneeling',
  'quadruped',
  'plank',
]);
/** Under this a target is not served. */
const LEAST_SERVED = 0.05;
/** What each point of effort less takes from the pulse. Common practice, no source. */
const PULSE_LOST = 0.18;

/**
 * What a gentler rung still prepares of what the drill does: what it takes away it serves no more, and half the range serves
 * half. Undefined where it prepares the same. A harder rung prepares what the drill does.
 *
 * @param base the drill as named
 */
export function servedGently(targets: Targets, base: Variant, rung: Variant): Targets | undefined {
  if (rung.rung >= 0) return undefined;
  const strengths = (Object.entries(targets) as [Target, number][]).map(([target, strength]) => {
    const share = Math.min(
      shareAsked(target, base, rung),
      shareSeated(target, base, rung),
      sharePulse(target, base, rung),
    );
    return [target, Math.round(strength * share * 100) / 100] as const;
  });
  const changed = strengths.some(([target, strength]) => strength !== targets[target]);
  return changed ? Object.fromEntries(strengths.filter(([, strength]) => strength >= LEAST_SERVED)) : undefined;
}

function shareAsked(target: Target, base: Variant, rung: Variant): number {
  const by = SERVED_BY[target];
  if (!by) return 1;
  const [planned, now] = [demandOf(base.demands, by.demand), demandOf(rung.demands, by.demand)];
  if (planned === 0 || now >= planned) return 1;
  return now === 0 ? by.left : by.left + (1 - by.left) * (now / planned);
}

function shareSeated(target: Target, base: Variant, rung: Variant): number {
  return OFF_THE_SEAT.has(base.posture) && rung.posture === 'seated' ? (ON_THE_FEET[target] ?? 1) : 1;
}

function sharePulse(target: Target, base: Variant, rung: Variant): number {
  return target === 'system · pulse' ? Math.max(0.2, 1 - PULSE_LOST * (base.effort - rung.effort)) : 1;
}
