import { demandOf, type Demand } from './demand.ts';
import type { Drill, Space } from './drill.ts';
import type { Kit } from './kit.ts';
import type { Phase } from './phase.ts';
import type { Posture } from './posture.ts';
import type { Plane, Target } from './target.ts';

/** What a coach is looking for; what is left out does not matter. */
export interface DrillWish {
  readonly phase?: Phase;
  readonly target?: Target;
  readonly posture?: Posture;
  readonly plane?: Plane;
  /** No more room than this. */
  readonly space?: Space;
  /** Uses this piece of kit; 'none' for nothing at all. */
  readonly kit?: Kit | 'none';
  /** Has a rung that asks nothing of this: "without kneeling". */
  readonly without?: Demand;
}

/** Room, from the least to the most. */
const SPACE_ORDER: readonly Space[] = ['spot', 'stride', 'mat', 'lane'];

/**
 * The drills that answer to a wish, in their order. Kit, posture and what is not asked must come together on one rung,
 * so that "seated, without kneeling" finds only what can be done so.
 */
export function drillsFor(drills: readonly Drill[], wish: DrillWish): readonly Drill[] {
  return drills.filter((drill) => answers(drill, wish));
}

function answers(drill: Drill, wish: DrillWish): boolean {
  const { phase, target, plane, space } = wish;
  if (phase && !drill.phases.includes(phase)) return false;
  if (target && !(target in drill.targets)) return false;
  if (plane && !drill.planes.includes(plane)) return false;
  if (space && SPACE_ORDER.indexOf(drill.space) > SPACE_ORDER.indexOf(space)) return false;
  const { posture, kit, without } = wish;
  return drill.ladder.some(
    (rung) =>
      (!posture || rung.posture === posture) &&
      (!kit || (kit === 'none' ? rung.kit.length === 0 : rung.kit.includes(kit))) &&
      (!without || demandOf(rung.demands, without) === 0),
  );
}
