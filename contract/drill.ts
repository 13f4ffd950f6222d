import { DEMANDS } from '@prompt-spark/core/drills/demand';
import type { Drill } from '@prompt-spark/core/drills/drill';
import { PLANES, TARGETS } from '@prompt-spark/core/drills/target';
import { KIT } from '@prompt-spark/core/drills/kit';
import { PHASES } from '@prompt-spark/core/drills/phase';
import { POSTURES } from '@prompt-spark/core/drills/posture';
import Joi from 'joi';
import { doseSchema } from './circuit.ts';
import { line, name, seconds, whole, version } from './fields.ts';

const effort = Joi.number().min(0).max(10).required();
const sides = Joi.valid('both', 'each', 'alternate');
const kit = Joi.array().items(Joi.valid(...KIT));

const pace = Joi.object({
  speed: Joi.number().min(0).max(600).required(),
  grade: Joi.number().min(-0.3).max(0.4).required(),
});
const energy = Joi.object({
  kind: Joi.valid('compendium', 'equation', 'estimate').required(),
  code: Joi.when('kind', { is: 'compendium', then: Joi.string().length(5).required(), otherwise: Joi.forbidden() }),
  gait: Joi.when('kind', {
    is: 'equation',
    then: Joi.valid('walking', 'running').required(),
    otherwise: Joi.forbidden(),
  }),
  paces: Joi.when('kind', {
    is: 'equation',
    then: Joi.array().items(pace).min(1).max(20).required(),
    otherwise: Joi.forbidden(),
  }),
  met: Joi.number().min(0.9).max(25).required(),
});

const drill = Joi.object<Drill>({
  id: Joi.string().min(1).max(64).required(),
  name: name(80),
  aliases: Joi.array().items(name(80).optional()).required(),
  phases: Joi.array()
    .items(Joi.valid(...PHASES))
    .min(1)
    .required(),
  posture: Joi.valid(...POSTURES).required(),
  sidesAllowed: Joi.array().items(sides).min(1).required(),
  sideWord: Joi.valid('side', 'way').required(),
  kit: kit.required(),
  substitutes: Joi.object()
    .pattern(Joi.valid(...KIT), kit)
    .required(),
  space: Joi.valid('spot', 'stride', 'mat', 'lane').required(),
  view: Joi.valid('front', 'side', 'three-quarter').required(),
  cues: Joi.array().items(name(60).optional()).min(1).max(3).required(),
  fault: Joi.object({ seen: name(), fix: name() }).required(),
  felt: name(),
  cautions: Joi.array().items(name().optional()).required(),
  usual: Joi.object({ dose: doseSchema, sides: sides.required() }).required(),
  shortestUseful: seconds(1, 600),
  effort,
  energy: energy.required(),
  targets: Joi.object()
    .pattern(Joi.valid(...TARGETS), Joi.number().min(0).max(1))
    .required(),
  planes: Joi.array()
    .items(Joi.valid(...PLANES))
    .min(1)
    .required(),
  // Drills kept before figures were drawn have none.
  figure: Joi.string().allow('').max(64).default(''),
  noGentler: line(120),
  noStronger: line(120),
  ladder: Joi.array()
    .items(
      Joi.object({
        id: Joi.string().min(1).max(64).required(),
        name: name(80),
        rung: Joi.number().integer().required(),
        changes: Joi.array()
          .items(Joi.valid('support', 'range', 'load', 'speed', 'stance', 'surface'))
          .required(),
        posture: Joi.valid(...POSTURES).required(),
        kit: kit.required(),
        demands: Joi.object()
          .pattern(Joi.valid(...DEMANDS), Joi.valid(0, 1, 2, 3))
          .required(),
        effort,
        energy,
      }),
    )
    .min(1)
    .required(),
});

export const drillSchema = drill.required();

/** A drill with whose it is: the catalogue's, which never changes, or the studio's own, with its version. */
export interface LibraryDrill {
  readonly drill: Drill;
  /** Null for the catalogue's. */
  readonly version: number | null;
}

const libraryDrill = Joi.object<LibraryDrill>({
  drill: drillSchema,
  version: version.allow(null),
});

export const libraryDrillSchema = libraryDrill.required();
export const drillsSchema = Joi.array<LibraryDrill[]>().items(libraryDrill).required();

/** A change to a studio's own drill, with the version it was made on. */
export interface DrillSave {
  readonly drill: Drill;
  readonly version: number;
}

export const drillSaveSchema = Joi.object<DrillSave>({
  drill: drillSchema,
  version,
}).required();

/** A library as CSV text, to be taken in whole or not at all. */
export interface DrillImport {
  readonly csv: string;
}

export const drillImportSchema = Joi.object<DrillImport>({ csv: Joi.string().max(3_000_000).required() }).required();

/** What is wrong with a line of an import. */
export interface ImportProblem {
  readonly line: number;
  readonly message: string;
}

/** What came of an import: how many drills were taken in, or what was wrong, line by line, and nothing was. */
export interface ImportReport {
  readonly added: number;
  readonly same: number;
  readonly problems: readonly ImportProblem[];
}

export const importReportSchema = Joi.object<ImportReport>({
  added: whole(0, 100_000),
  same: whole(0, 100_000),
  problems: Joi.array()
    .items(Joi.object({ line: whole(1, 1_000_000), message: Joi.string().required() }))
    .required(),
}).required();
