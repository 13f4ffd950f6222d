/** Equipment a drill can ask for. */
export const KIT = [
  'mat',
  'wall',
  'chair',
  'bench',
  'step',
  'lane',
  'line',
  'rope',
  'stick',
  'loop band',
  'long band',
  'foam roller',
  'massage stick',
  'half-dome',
  'light plate',
  'dumbbell',
  'kettlebell',
  'medicine ball',
  'barbell',
  'partner',
  'pull-up bar',
  'rowing machine',
  'bike',
  'cross-trainer',
  'treadmill',
] as const;
export type Kit = (typeof KIT)[number];

/** A piece of kit by the number of it: "bench", "benches". */
export const kitName = (item: Kit, count: number): string =>
  count === 1 ? item : item.endsWith('ch') ? `${item}es` : `${item}s`;

/** What a room usually has, for a site that nobody has described yet. Common practice, no source. */
export const USUAL_KIT: readonly Kit[] = ['chair', 'bench', 'step', 'line', 'rope', 'stick', 'partner'];

/** How kit is taken up: `carried` is picked up and put down, `worn` goes on and off, `placed` is there already. */
export type KitHandling = 'carried' | 'worn' | 'placed';

const CARRIED: ReadonlySet<Kit> = new Set<Kit>([
  'rope',
  'stick',
  'long band',
  'foam roller',
  'massage stick',
  'half-dome',
  'light plate',
  'dumbbell',
  'kettlebell',
  'medicine ball',
]);

/** How a piece of kit is handled. Mats are laid out before the class, so they cost no seconds. */
export function handlingOf(kit: Kit): KitHandling {
  if (kit === 'loop band') return 'worn';
  return CARRIED.has(kit) ? 'carried' : 'placed';
}
