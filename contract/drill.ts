import { CHANGES } from '@prompt-spark/core/drills/change';
import { DEMANDS } from '@prompt-spark/core/drills/demand';
import {
  SPACES,
  type Drill,
  type EnergyCost,
  type Fault,
  type Pace,
  type UsualDose,
  type Variant,
} from '@prompt-spark/core/drills/drill';
import { JOINTS, MOTIONS, type JointMotion } from '@prompt-spark/core/drills/jointMotion';
import { KIT } from '@prompt-spark/core/drills/kit';
import { PHASES } from '@prompt-spark/core/drills/phase';
import { POSTURES } from '@prompt-spark/core/drills/posture';
import { PLANES, TARGETS, type Targets } from '@prompt-spark/core/drills/target';
import Joi from 'joi';
import { doseSchema } from './dose.ts';
import { line, listOf, name, oneOf, seconds, shape, someOf, version } from './fields.ts';
import { unreadables, type Unreadable } from './page.ts';

const drillId = Joi.string().min(1).max(64).required();
const effort = Joi.number().min(0).max(10).required();
const sides = oneOf('both', 'each', 'alternate');
const kit = listOf(oneOf(...KIT));
const met = Joi.number().min(0.9).max(25).required();

const pace = shape<Pace>({
  speed: Joi.number().min(0).max(600).required(),
  grade: Joi.number().min(-0.3).max(0.4).required(),
});
type Energy<Kind extends EnergyCost['kind']> = Extract<EnergyCost, { readonly kind: Kind }>;
const energy = Joi.alternatives<EnergyCost>().conditional('.kind', {
  switch: [
    {
      is: 'compendium',
      then: shape<Energy<'compendium'>>({ kind: oneOf('compendium'), code: Joi.string().length(5).required(), met }),
    },
    {
      is: 'equation',
      then: shape<Energy<'equation'>>({
        kind: oneOf('equation'),
        gait: oneOf('walking', 'running'),
        paces: listOf(pace).min(1).max(20),
        met,
      }),
    },
  ],
  otherwise: shape<Energy<'estimate'>>({ kind: oneOf('estimate'), met }),
});

const targets: Joi.ObjectSchema<Targets> = someOf(TARGETS, Joi.number().min(0).max(1));

const rung = shape<Variant>({
  id: drillId,
  name: name(80),
  aliases: listOf(name(80)).optional(),
  rung: Joi.number().integer().required(),
  changes: listOf(oneOf(...CHANGES)),
  posture: oneOf(...POSTURES),
  kit,
  demands: someOf(DEMANDS, Joi.number().integer().min(0).max(3)),
  effort,
  energy: energy.optional(),
  targets: targets.optional(),
});

/** A drill, as it is sent and stored. */
export const drillSchema = shape<Drill>({
  id: drillId,
  name: name(80),
  aliases: listOf(name(80)),
  phases: listOf(oneOf(...PHASES)).min(1),
  posture: oneOf(...POSTURES),
  sidesAllowed: listOf(sides).min(1),
  sideWord: oneOf('side', 'way'),
  pace: Joi.number().min(0.05).max(12).optional(),
  counted: oneOf('in all').optional(),
  motion: shape<JointMotion>({ joint: oneOf(...JOINTS), how: oneOf(...MOTIONS) }).optional(),
  afterTwoLegs: listOf(drillId).optional(),
  kit,
  substitutes: someOf(KIT, kit),
  space: oneOf(...SPACES),
  view: oneOf('front', 'side', 'three-quarter'),
  cues: listOf(name(60)).min(1).max(3),
  fault: shape<Fault>({ seen: name(), fix: name() }),
  felt: name(),
  cautions: listOf(name()),
  usual: shape<UsualDose>({ dose: doseSchema, sides }),
  shortestUseful: seconds(1, 600),
  effort,
  energy: energy.required(),
  targets,
  planes: listOf(oneOf(...PLANES)).min(1),
  figure: Joi.string().allow('').max(64).required(),
  unfinished: Joi.boolean().valid(true).optional(),
  noGentler: line(120),
  noStronger: line(120),
  ladder: listOf(rung).min(1),
});

/** A drill with whose it is: one that ships, which never changes, or the studio's own, with its version. */
export interface LibraryDrill {
  readonly drill: Drill;
  /** Null for one that ships. */
  readonly version: number | null;
}

export const libraryDrillSchema = shape<LibraryDrill>({ drill: drillSchema, version: version.allow(null) });

/** The drills that a studio added to those that ship, by name. */
export interface OwnDrills {
  readonly drills: readonly LibraryDrill[];
  readonly unreadable: readonly Unreadable[];
}

export const ownDrillsSchema = shape<OwnDrills>({ drills: listOf(libraryDrillSchema), unreadable: unreadables });

/** A change to a studio's own drill, with the version it was made on. */
export interface DrillSave {
  readonly drill: Drill;
  readonly version: number;
}

export const drillSaveSchema = shape<DrillSave>({ drill: drillSchema, version });
