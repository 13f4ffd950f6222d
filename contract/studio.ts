import { LOAD_UNITS, type Plates } from '@prompt-spark/core/dose/lift';
import { KIT, type Kit } from '@prompt-spark/core/drills/kit';
import Joi from 'joi';
import { id, name, whole, version } from './fields.ts';

/** A place where sessions happen. Lengths in metres; 0 lanes where there are none. */
export interface SiteDetails {
  readonly name: string;
  /** IANA name; wall-clock times at this site are shown in it. */
  readonly timeZone: string;
  readonly lanes: number;
  readonly laneMetres: number;
  readonly mats: number;
  readonly loopBands: number;
  readonly walls: number;
  /** Kit that is not counted. */
  readonly kit: readonly Kit[];
  /** What loads a bar there. */
  readonly plates: Plates;
}

/** A site as it is kept. */
export interface Site extends SiteDetails {
  readonly id: string;
  readonly version: number;
}

/** A site as a coach sends it: a new one without a version, a changed one with the version it was changed on. */
export interface SiteSave {
  readonly version: number | null;
  readonly site: SiteDetails;
}

/** People who train together. */
export interface Group {
  readonly id: string;
  readonly name: string;
  readonly people: number;
}

/** What circuits and sessions of a studio refer to. */
export interface StudioPlaces {
  readonly sites: readonly Site[];
  readonly groups: readonly Group[];
}

const details = {
  name: name(80),
  timeZone: name(64)
    .custom((zone: string, helpers) => (isTimeZone(zone) ? zone : helpers.error('zone.unknown')))
    .messages({ 'zone.unknown': '{#label} is no time zone, such as Europe/London' }),
  lanes: whole(0, 99),
  laneMetres: Joi.number().min(0).max(1000).required(),
  mats: whole(0, 999),
  loopBands: whole(0, 999),
  walls: whole(0, 99),
  kit: Joi.array()
    .items(Joi.valid(...KIT))
    .unique()
    .required(),
  plates: Joi.object<Plates>({
    unit: Joi.valid(...LOAD_UNITS).required(),
    bar: Joi.number().min(0).max(100).required(),
    smallest: Joi.number().positive().max(50).required(),
  }).required(),
};

export const siteDetailsSchema = Joi.object<SiteDetails>(details).required();

const site = Joi.object<Site>({ ...details, id, version });
export const siteSchema = site.required();

export const siteSaveSchema = Joi.object<SiteSave>({
  version: version.allow(null),
  site: siteDetailsSchema,
}).required();

function isTimeZone(zone: string): boolean {
  try {
    return new Intl.DateTimeFormat('en', { timeZone: zone }).resolvedOptions().timeZone !== '';
  } catch {
    return false;
  }
}

const group = Joi.object<Group>({ id, name: name(80), people: whole(0, 999) });
export const groupSchema = group.required();

export const studioPlacesSchema = Joi.object<StudioPlaces>({
  sites: Joi.array().items(site).required(),
  groups: Joi.array().items(group).required(),
}).required();
