import type { Drill } from './drill.ts';
import type { Kit } from './kit.ts';
import type { Range } from '../units.ts';
import { remembered } from '../remembered.ts';
import { strengthsOf, type Target, type Targets } from './target.ts';

/** Holding a muscle long without moving: an easy drill, mostly for length, dosed in seconds or holds. */
export const isStaticHold = remembered(({ effort, targets, usual }: Drill): boolean => {
  const stayedIn = effort <= 2 && (usual.dose.kind === 'time' || usual.dose.kind === 'holds');
  return stayedIn && strengthsOf(targets).some(([target, strength]) => target.endsWith('length') && strength >= 0.6);
});

/** The least of a bare number that is taken for seconds. Common practice, no source. */
const LEAST_SECONDS = 10;

/** Whether a bare number means seconds: "plank 30", of a drill that is stayed in and not counted. */
export function meansSeconds({ usual, phases, space }: Drill, number: Range): boolean {
  const { dose, sides } = usual;
  const stayedIn = dose.kind === 'holds' || (dose.kind === 'time' && sides !== 'alternate' && space !== 'lane');
  return stayedIn && phases[0] !== 'raise' && phases[0] !== 'potentiate' && number.low >= LEAST_SECONDS;
}

/** Whether "3x10s" of a drill are as many sets, and no holds: it raises the pulse, is fast, or goes along the floor. */
export const meansSets = ({ usual, phases, space }: Drill): boolean =>
  usual.dose.kind !== 'holds' && (phases[0] === 'raise' || phases[0] === 'potentiate' || space === 'lane');

const ON_A_MACHINE: readonly Kit[] = ['rowing machine', 'bike', 'treadmill'];

/** Whether a bare number means metres: "jog 400", "row 500". Nobody counts as many of them. Common practice, no source. */
export function meansMetres({ usual, space, kit }: Drill, number: Range): boolean {
  const gone = usual.dose.kind === 'time' && (space === 'lane' || kit.some((item) => ON_A_MACHINE.includes(item)));
  return gone && number.low >= LEAST_METRES && number.low === number.high && number.low % 50 === 0;
}
const LEAST_METRES = 100;

/** From here on a drill raises the pulse. Common practice, no source. */
const RAISES_FROM = 0.3;

/** Raising the pulse: what a drill does to it, whatever the block is called. Arm circles in a block that raises raise nothing. */
export const isRaising = ({ targets }: Pick<Drill, 'targets'>): boolean => raises(targets);

const raises = remembered((targets: Targets): boolean => (targets['system · pulse'] ?? 0) >= RAISES_FROM);

/** Rolling on something hard or soft. */
export const isRolling = ({ kit, targets, phases }: Drill): boolean =>
  phases[0] === 'release' &&
  kit.some((item) => item === 'foam roller' || item === 'massage stick') &&
  !('system · breathing' in targets);

/** Moving joints through their range, or more. */
export const isMoving = remembered(
  (drill: Drill): boolean =>
    !isStaticHold(drill) &&
    !isRolling(drill) &&
    drill.phases.some((phase) => phase === 'mobilise' || phase === 'integrate'),
);

/** The target a drill serves most; undefined where it serves none. */
export const mainTarget = ({ targets }: Pick<Drill, 'targets'>): Target | undefined => strongest(targets);

const strongest = remembered((targets: Targets): Target | undefined => {
  const strengths = strengthsOf(targets);
  return strengths.reduce((best, one) => (one[1] > (best?.[1] ?? 0) ? one : best), strengths[0])?.[0];
});
