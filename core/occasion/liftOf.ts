import type { MainSession } from '../approach/mainSession.ts';
import type { Drill } from '../drills/drill.ts';
import type { DrillLibrary } from '../drills/library.ts';
import { strengthsOf, type Targets } from '../drills/target.ts';
import { withDrills } from '../drills/withDrills.ts';

const made = new WeakMap<DrillLibrary, Map<string, DrillLibrary>>();

/** How strongly the sets on the way to a lift prepare what the lift asks most; what it asks less, in proportion. Trade. */
const OF_THE_LIFT = 0.7;

/**
 * The drills as they prepare a main session: the sets on the way to a lift are that session's own lift, light. They prepare
 * its patterns: a press where it presses, a squat where it squats. The same library where there is no such session, and one
 * object for one library and one session.
 */
export function withLiftOf(library: DrillLibrary, session: MainSession | undefined): DrillLibrary {
  const patterns = session ? strengthsOf(session.needs).filter(([target]) => LIFTED.has(target)) : [];
  if (patterns.length === 0) return library;
  const most = Math.max(...patterns.map(([, need]) => need));
  const targets: Targets = Object.fromEntries(patterns.map(([target, need]) => [target, OF_THE_LIFT * (need / most)]));
  const key = JSON.stringify(targets);
  const known = made.get(library) ?? new Map<string, DrillLibrary>();
  made.set(library, known);
  const before = known.get(key);
  if (before) return before;
  const lifts = library.drills.filter(({ usual }) => usual.dose.kind === 'lift');
  const there = withDrills(
    library,
    lifts.map((drill) => lifting(drill, targets)),
  );
  known.set(key, there);
  return there;
}

/** What is lifted with a bar. */
const LIFTED: ReadonlySet<string> = new Set(['pattern · squat', 'pattern · hinge', 'pattern · push']);

const lifting = (drill: Drill, targets: Targets): Drill => ({
  ...drill,
  targets: { ...withoutPatterns(drill.targets), ...targets },
});

const withoutPatterns = (targets: Targets): Targets =>
  Object.fromEntries(strengthsOf(targets).filter(([target]) => !LIFTED.has(target)));
