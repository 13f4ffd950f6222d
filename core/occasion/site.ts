import type { Plates } from '../dose/lift.ts';
import { SPACES, type Drill, type Space, type Variant } from '../drills/drill.ts';
import { KIT, type Kit } from '../drills/kit.ts';
import type { Metres } from '../units.ts';

/** Where people train. */
export interface Site {
  readonly kit: ReadonlySet<Kit>;
  /** How many there are of kit that is counted there. */
  readonly counts: KitCounts;
  /** The most room one person has. */
  readonly space: Space;
  /** 0 where lanes are not counted. */
  readonly lanes: number;
  readonly laneMetres: Metres;
  /** Once round; 0 where it was not measured. */
  readonly lapMetres: Metres;
  /** What loads a bar there. */
  readonly plates?: Plates | undefined;
}

/** A site as a studio keeps it. */
export interface SiteRecord {
  readonly lanes: number;
  /** 0 where it was not measured. */
  readonly laneMetres: Metres;
  /** Once round; 0 where it was not measured. */
  readonly lapMetres: Metres;
  readonly mats: number;
  readonly loopBands: number;
  readonly walls: number;
  readonly kit: readonly Kit[];
  /** How many there are of what is in `kit`; what is not named is enough for everybody. */
  readonly counts: KitCounts;
  readonly plates?: Plates | undefined;
}

/** How many there are of pieces of kit. */
export type KitCounts = Readonly<Partial<Record<Kit, number>>>;

/** A lane that nobody measured: ten yards. Common practice, no source. */
export const USUAL_LANE_METRES: Metres = 9.144;

/** A place with everything, for circuits that name no site. */
export const ANYWHERE: Site = {
  kit: new Set(KIT),
  counts: {},
  space: 'lane',
  lanes: 0,
  laneMetres: USUAL_LANE_METRES,
  lapMetres: 0,
};

/** A site as a place to train: what it counts is there where there is one at least. */
export function siteFrom(record: SiteRecord | undefined): Site {
  if (!record) return ANYWHERE;
  const { lanes, laneMetres, lapMetres, mats, loopBands, walls, kit, counts, plates } = record;
  const counted: readonly (readonly [Kit, number])[] = [
    ['lane', lanes],
    ['mat', mats],
    ['loop band', loopBands],
    ['wall', walls],
  ];
  const there = counted.filter(([, count]) => count > 0).map(([item]) => item);
  return {
    kit: new Set([...kit, ...there]),
    counts: { ...counts, mat: mats, 'loop band': loopBands },
    space: lanes > 0 ? 'lane' : mats > 0 ? 'mat' : 'stride',
    // Lanes that were not measured say nothing of how many go at once either.
    lapMetres,
    ...(laneMetres > 0 ? { lanes, laneMetres } : { lanes: 0, laneMetres: USUAL_LANE_METRES }),
    plates,
  };
}

/** What there is in every home. Common practice, no source. */
const AT_HOME: readonly Kit[] = ['wall', 'chair'];

/** A client's own room, by the kit they have there; a place with everything where nobody said what they have. */
export function homeOf(kit: readonly Kit[]): Site {
  if (kit.length === 0) return ANYWHERE;
  return { ...ANYWHERE, kit: new Set([...AT_HOME, ...kit]), space: kit.includes('mat') ? 'mat' : 'stride' };
}

/** Whether a rung of a drill can be done at a site: enough room, and every piece of kit that it asks for there. */
export function fitsSite(drill: Drill, rung: Variant, { kit, space }: Pick<Site, 'kit' | 'space'>): boolean {
  if (SPACES.indexOf(drill.space) > SPACES.indexOf(space)) return false;
  return rung.kit.every((item) => kit.has(item));
}
