import type { Kit } from '../drills/kit.ts';
import type { KitCounts, SiteRecord } from './site.ts';

/** What there is at a place of a usual kind. Common practice, no source. */
export interface UsualPlace {
  readonly id: string;
  readonly name: string;
  readonly floor: Omit<SiteRecord, 'plates'>;
}

/** Kit of which there is no number to give: people, and what is drawn on the floor. */
export const UNCOUNTED: ReadonlySet<Kit> = new Set<Kit>(['partner', 'line']);

const place = (
  name: string,
  floor: Omit<SiteRecord, 'plates' | 'kit' | 'counts' | 'lapMetres'>,
  counts: KitCounts,
): UsualPlace => ({
  id: name.toLowerCase().replaceAll(' ', '-'),
  name,
  floor: { ...floor, lapMetres: 0, kit: [...(Object.keys(counts) as Kit[]), ...UNCOUNTED], counts },
});

/** A place to start from where nobody has said yet what is there. */
export const USUAL_PLACES: readonly UsualPlace[] = [
  place(
    'Group class hall',
    { lanes: 4, laneMetres: 10, mats: 16, loopBands: 16, walls: 2 },
    { chair: 16, bench: 2, step: 16, rope: 8, stick: 8, 'foam roller': 6, dumbbell: 16 },
  ),
  place(
    'Gym floor',
    { lanes: 1, laneMetres: 15, mats: 6, loopBands: 6, walls: 1 },
    {
      bench: 4,
      step: 4,
      rope: 4,
      stick: 4,
      'long band': 6,
      'foam roller': 4,
      'light plate': 8,
      dumbbell: 12,
      kettlebell: 8,
      'medicine ball': 4,
      barbell: 4,
      'pull-up bar': 2,
      'rowing machine': 2,
      bike: 4,
      'cross-trainer': 2,
      treadmill: 4,
    },
  ),
  place('Outdoors', { lanes: 4, laneMetres: 20, mats: 0, loopBands: 8, walls: 0 }, { bench: 2, rope: 8 }),
  place(
    'Someone’s home',
    { lanes: 0, laneMetres: 0, mats: 1, loopBands: 1, walls: 1 },
    { chair: 1, step: 1, 'long band': 1 },
  ),
];
