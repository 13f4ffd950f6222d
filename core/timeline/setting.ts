import type { Circuit } from '../circuit/circuit.ts';
import { USUAL_FLOOR, wavesOf, type Floor } from '../dose/distance.ts';
import type { Metres } from '../units.ts';
import type { DrillLibrary } from '../drills/library.ts';
import { AT_THE_START, type Stance } from './stance.ts';
import { USUAL_TIMES, type TradeTimes } from './trade.ts';

/** What, besides the circuit itself, decides how long it takes. */
export interface Setting {
  readonly library: DrillLibrary;
  readonly times: TradeTimes;
  /** Ids of drills that are new to somebody present. */
  readonly newDrills: ReadonlySet<string>;
  /** Somebody present needs longer to get down or up. */
  readonly slowToFloor: boolean;
  /** How the coach's own pace compares with the plan: 1 is as planned, 1.2 takes a fifth longer. */
  readonly habits: Habits;
  /** How people stand when it begins, and what is in their hands. */
  readonly stance: Stance;
  /** The floor of the site. */
  readonly site: SiteFloor;
}

/** What a site gives people to travel over. 0 lanes where they are not counted. */
export interface SiteFloor {
  readonly lanes: number;
  readonly laneMetres: Metres;
}

/** The setting with the people of a circuit in it: somebody new needs every drill shown, regulars perhaps only its name. */
export function peopledSetting({ somebodyNew, slowToFloor, namesOnly }: Circuit, setting: Setting): Setting {
  if (!somebodyNew && !slowToFloor && !namesOnly) return setting;
  const { times } = setting;
  return {
    ...setting,
    times: namesOnly ? { ...times, talkKnown: times.talkNames } : times,
    newDrills: somebodyNew ? new Set(setting.library.byId.keys()) : setting.newDrills,
    slowToFloor: slowToFloor || setting.slowToFloor,
  };
}

/** The setting at a site: its lanes decide how long distances take. Without a site, or where its lanes were not measured, it stays as it was. */
export function settingAt(setting: Setting, site: SiteFloor | undefined): Setting {
  if (!site || site.laneMetres <= 0) return setting;
  return { ...setting, site: { lanes: site.lanes, laneMetres: site.laneMetres } };
}

/** A circuit with the people of its group, where it does not say how many come: they decide the waves over the lanes. */
export function withPeople(circuit: Circuit, people: number): Circuit {
  return { ...circuit, people: circuit.people || people };
}

/** The floor a circuit is done on: the lanes it asks for, else the site's, and a lap there and back. */
export function floorOf({ people, lanes }: Pick<Circuit, 'people' | 'lanes'>, { site }: Pick<Setting, 'site'>): Floor {
  const { laneMetres } = site;
  return { laneMetres, lapMetres: 2 * laneMetres, waves: wavesOf(people, lanes || site.lanes) };
}

/** Ratios of actual to planned seconds, learnt from past sessions. */
export interface Habits {
  readonly move: number;
  readonly talk: number;
}

/** A setting with the usual times, where everybody knows every drill. */
export function usualSetting(library: DrillLibrary): Setting {
  return {
    library,
    times: USUAL_TIMES,
    newDrills: new Set(),
    slowToFloor: false,
    habits: { move: 1, talk: 1 },
    stance: AT_THE_START,
    site: { lanes: 0, laneMetres: USUAL_FLOOR.laneMetres },
  };
}
