import type { Floor } from '../dose/distance.ts';
import { ANYWHERE, siteFrom, USUAL_LANE_METRES, type Site, type SiteRecord } from '../occasion/site.ts';

/** A lane of ten yards, everybody at once. */
export const TEST_FLOOR: Floor = { laneMetres: USUAL_LANE_METRES, lapMetres: 0, waves: 1 };

/** A place with everything and these lanes. */
export function siteWithLanes(lanes: number, laneMetres: number): Site {
  return { ...ANYWHERE, lanes, laneMetres };
}

/** An empty room, but for what is said. */
export function bareSite(change: Partial<SiteRecord> = {}): Site {
  return siteFrom({
    lanes: 0,
    laneMetres: 0,
    lapMetres: 0,
    mats: 0,
    loopBands: 0,
    walls: 0,
    kit: [],
    counts: {},
    ...change,
  });
}
