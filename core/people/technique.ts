/** What somebody took of a drill where it was not what was planned for them. */
export const VERSIONS_TAKEN = ['easier', 'harder'] as const;
export type VersionTaken = (typeof VERSIONS_TAKEN)[number];

/** How somebody did a drill of one run, where there is anything to say of it. */
export interface Technique {
  readonly drillId: string;
  /** The name it had on the day. */
  readonly drillName: string;
  /** The drill's usual fault, as it was seen: "front knee falls in"; empty for none. */
  readonly fault: string;
  readonly version: VersionTaken | null;
}

/** What was seen of somebody in a run, as far as it is how they did the drills. */
interface Watched {
  readonly technique: readonly Technique[];
}

/** The most drills of one run of which it is kept how somebody did them. */
export const MOST_TECHNIQUE = 12;

/** How somebody did a drill in a run; undefined where nothing was said of it. */
export const techniqueIn = (seen: Watched | undefined, drillId: string): Technique | undefined =>
  seen?.technique.find((one) => one.drillId === drillId);

/** With how a drill was done in place of what was said of it before; nothing is kept where there is nothing to say. */
export function withTechnique<Seen extends Watched>(seen: Seen, next: Technique): Seen {
  const others = seen.technique.filter(({ drillId }) => drillId !== next.drillId);
  const said = next.fault !== '' || next.version !== null;
  return { ...seen, technique: [...others, ...(said ? [next] : [])].slice(-MOST_TECHNIQUE) };
}

/** For how many sessions it is remembered: about a month of three a week. Common practice, no source. */
export const TECHNIQUE_SESSIONS = 12;

/** How somebody did a drill the last time that anything was said of it; undefined where that is long ago. The last day comes first. */
export function lastTechnique(all: readonly Watched[], drillId: string): Technique | undefined {
  return all.slice(0, TECHNIQUE_SESSIONS).flatMap((seen) => techniqueIn(seen, drillId) ?? [])[0];
}

/** "front knee falls in, easier version". */
export const faultWords = ({ fault, version }: Pick<Technique, 'fault' | 'version'>): string =>
  [fault, version === null ? '' : `${version} version`].filter(Boolean).join(', ');

/** "Lateral lunge: front knee falls in, easier version". */
export const techniqueWords = (how: Technique): string => `${how.drillName}: ${faultWords(how)}`;
