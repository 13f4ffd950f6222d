import type { Drill } from '../drills/drill.ts';
import { KIT, type Kit } from '../drills/kit.ts';
import { libraryOf, type DrillLibrary } from '../drills/library.ts';
import type { Site } from './site.ts';

const made = new WeakMap<DrillLibrary, Map<string, DrillLibrary>>();

/**
 * The drills as they are done at a site: where it lacks a piece of kit and has one that stands in for it, the drill and its
 * rungs ask for that, so that it is taken up, counted and named as what it is. The same library where nothing stands in, and
 * one object for one library and one set of kit, however often it is asked for.
 */
export function withStandIns(library: DrillLibrary, { kit }: Pick<Site, 'kit'>): DrillLibrary {
  const lacking = KIT.filter((item) => !kit.has(item));
  const key = lacking.join();
  const known = made.get(library) ?? new Map<string, DrillLibrary>();
  made.set(library, known);
  const before = known.get(key);
  if (before) return before;
  const drills = library.drills.map((drill) => drillWithStandIns(drill, kit));
  const changed = drills.some((drill, at) => drill !== library.drills[at]);
  const there = changed ? libraryOf(drills, library.words) : library;
  known.set(key, there);
  return there;
}

function drillWithStandIns(drill: Drill, there: Site['kit']): Drill {
  const standIn = (item: Kit): Kit => {
    if (there.has(item)) return item;
    return drill.substitutes[item]?.find((other) => there.has(other)) ?? item;
  };
  const stood = (items: readonly Kit[]): readonly Kit[] => [...new Set(items.map(standIn))];
  const ladder = drill.ladder.map((rung) => ({ ...rung, kit: stood(rung.kit) }));
  const changed = ladder.some(({ kit }, at) => kit.join() !== drill.ladder[at]?.kit.join());
  const kit = stood(drill.kit);
  return changed || kit.join() !== drill.kit.join() ? { ...drill, kit, ladder } : drill;
}
