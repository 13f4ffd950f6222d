import { LOAD_UNITS, type Plates } from '@prompt-spark/core/dose/lift';
import { KIT, type Kit } from '@prompt-spark/core/drills/kit';
import type { KitCounts } from '@prompt-spark/core/occasion/site';
import Joi from 'joi';
import { id, listOf, name, oneOf, shape, timeZone, whole, version } from './fields.ts';

/** A place where sessions happen. Lengths in metres; 0 lanes where there are none. */
export interface SiteDetails {
  readonly name: string;
  /** IANA name; wall-clock times at this site are shown in it. */
  readonly timeZone: string;
  readonly lanes: number;
  readonly laneMetres: number;
  /** Once round; 0 where it was not measured. */
  readonly lapMetres: number;
  readonly mats: number;
  readonly loopBands: number;
  readonly walls: number;
  /** Kit that is there beside these. */
  readonly kit: readonly Kit[];
  /** How many there are of it; what is not named is enough for everybody. */
  readonly counts: KitCounts;
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

/** A coach of the studio, by name. */
export interface CoachName {
  readonly id: string;
  readonly name: string;
}

/** What circuits, sessions and runs of a studio refer to. */
export interface StudioPlaces {
  readonly sites: readonly Site[];
  readonly groups: readonly Group[];
  readonly coaches: readonly CoachName[];
}

const details = {
  name: name(80),
  timeZone,
  lanes: whole(0, 99),
  laneMetres: Joi.number().min(0).max(1000).required(),
  lapMetres: Joi.number().min(0).max(1000).required(),
  mats: whole(0, 999),
  loopBands: whole(0, 999),
  walls: whole(0, 99),
  kit: listOf(oneOf(...KIT)).unique(),
  counts: Joi.object<KitCounts>()
    .pattern(Joi.string().valid(...KIT), whole(1, 999))
    .required(),
  plates: shape<Plates>({
    unit: oneOf(...LOAD_UNITS),
    bar: Joi.number().min(0).max(100).required(),
    smallest: Joi.number().positive().max(50).required(),
  }),
};

export const siteDetailsSchema = shape<SiteDetails>(details);
export const siteSchema = shape<Site>({ ...details, id, version });
export const siteSaveSchema = shape<SiteSave>({ version: version.allow(null), site: siteDetailsSchema });

export const groupSchema = shape<Group>({ id, name: name(80), people: whole(0, 999) });

/** A group to be added. */
export interface NewGroup {
  readonly id: string;
  readonly name: string;
}

export const newGroupSchema = shape<NewGroup>({ id, name: name(80) });

export const studioPlacesSchema = shape<StudioPlaces>({
  sites: listOf(siteSchema),
  groups: listOf(groupSchema),
  coaches: listOf(shape<CoachName>({ id, name: name(80) })),
});
