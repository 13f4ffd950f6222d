import type { Drill, Space, Variant } from '../drills/drill.ts';
import { SPACES } from '../drills/drill.ts';
import { KIT, type Kit } from '../drills/kit.ts';

/** What there is where people train. */
export interface Place {
  readonly kit: ReadonlySet<Kit>;
  /** The most room one person has. */
  readonly space: Space;
}

/** What a site has, as a studio keeps it. */
export interface SiteStock {
  readonly lanes: number;
  readonly mats: number;
  readonly loopBands: number;
  readonly walls: number;
  readonly kit: readonly Kit[];
}

/** A site as a place to train: what it counts is there where there is one at least. */
export function placeAt({ lanes, mats, loopBands, walls, kit }: SiteStock): Place {
  const counted: readonly (readonly [Kit, number])[] = [
    ['lane', lanes],
    ['mat', mats],
    ['loop band', loopBands],
    ['wall', walls],
  ];
  const there = counted.filter(([, count]) => count > 0).map(([item]) => item);
  return { kit: new Set([...kit, ...there]), space: lanes > 0 ? 'lane' : mats > 0 ? 'mat' : 'stride' };
}

/** A place with everything, for circuits that name no site. */
export const ANYWHERE: Place = { kit: new Set(KIT), space: 'lane' };

/** Whether a rung can be done in a place: enough room, and every piece of kit or something that stands in for it. */
export function fitsPlace(drill: Drill, rung: Variant, { kit, space }: Place): boolean {
  if (SPACES.indexOf(drill.space) > SPACES.indexOf(space)) return false;
  return rung.kit.every((item) => kit.has(item) || (drill.substitutes[item] ?? []).some((other) => kit.has(other)));
}
