import type { Dose, Sides, SideWord } from '../dose/dose.ts';
import type { Gait } from './metabolicEquations.ts';
import type { Effort, MetresPerMinute, MetresPerSecond, Seconds } from '../units.ts';
import type { Change } from './change.ts';
import type { Demands } from './demand.ts';
import type { JointMotion } from './jointMotion.ts';
import type { Kit } from './kit.ts';
import type { Phase } from './phase.ts';
import type { Posture } from './posture.ts';
import type { Plane, Targets } from './target.ts';

/** Room one person needs: on the spot, a stride each way, a mat's length, or a lane to travel. */
export const SPACES = ['spot', 'stride', 'mat', 'lane'] as const;
export type Space = (typeof SPACES)[number];

/** Where a demonstration is best seen from. */
export type View = 'front' | 'side' | 'three-quarter';

export type { Change };

/** One rung of a drill's ladder. `rung` is 0 for the base, below for gentler, above for stronger. */
export interface Variant {
  readonly id: string;
  readonly name: string;
  /** Names of its own that coaches give it: "knee push-up" for a push-up with the knees down. */
  readonly aliases?: readonly string[];
  readonly rung: number;
  readonly changes: readonly Change[];
  readonly posture: Posture;
  readonly kit: readonly Kit[];
  /** Everything it asks, what its posture asks included. */
  readonly demands: Demands;
  readonly effort: Effort;
  /** Where it does not cost what the drill costs. */
  readonly energy?: EnergyCost;
  /** Where it does not prepare what the drill as named prepares. */
  readonly targets?: Targets;
}

/** Energy cost as a multiple of rest, with where the figure comes from. */
export type EnergyCost =
  | {
      readonly kind: 'compendium';
      /** Code in the Compendium of Physical Activities (Ainsworth et al., Med Sci Sports Exerc 2011;43:1575–1581). */
      readonly code: string;
      readonly met: number;
    }
  | {
      /** From the metabolic equations: the mean of the paces gone through, each for as long. */
      readonly kind: 'equation';
      readonly gait: Gait;
      readonly paces: readonly Pace[];
      readonly met: number;
    }
  | { readonly kind: 'estimate'; readonly met: number };

/** A steady speed on a slope; `grade` is rise over run, 0.1 for 10 %. */
export interface Pace {
  readonly speed: MetresPerMinute;
  readonly grade: number;
}

/** The dose a drill is usually given, with the sides and tempo it is usually done with. */
export interface UsualDose {
  readonly dose: Dose;
  readonly sides: Sides;
}

/** The usual fault seen in a drill, and what to say about it. */
export interface Fault {
  readonly seen: string;
  readonly fix: string;
}

/** A movement with its fact sheet. Names and aliases are unique in a library, whatever their case. */
export interface Drill {
  readonly id: string;
  readonly name: string;
  readonly aliases: readonly string[];
  /** The phase it mostly serves first. */
  readonly phases: readonly [Phase, ...Phase[]];
  readonly posture: Posture;
  readonly sidesAllowed: readonly [Sides, ...Sides[]];
  readonly sideWord: SideWord;
  /** How fast it travels where a coach does not say; absent where it does not. */
  readonly pace?: MetresPerSecond;
  /** Repetitions that alternate are counted of both sides together, aloud, step by step; else those of one side. */
  readonly counted?: 'in all';
  /** The joint that it turns, circles or swings. */
  readonly motion?: JointMotion;
  /** Ids of the drills on two legs that come before it where both are done: it is on one. */
  readonly afterTwoLegs?: readonly string[];
  readonly kit: readonly Kit[];
  /** What may stand in for a piece of kit. */
  readonly substitutes: Readonly<Partial<Record<Kit, readonly Kit[]>>>;
  readonly space: Space;
  readonly view: View;
  /** One to three short cues, the safety cue first. */
  readonly cues: readonly [string, ...string[]];
  readonly fault: Fault;
  readonly felt: string;
  readonly cautions: readonly string[];
  readonly usual: UsualDose;
  /** Work seconds for one side under which the drill is not worth doing. */
  readonly shortestUseful: Seconds;
  readonly effort: Effort;
  readonly energy: EnergyCost;
  readonly targets: Targets;
  readonly planes: readonly Plane[];
  /** From gentle to strong; holds exactly one base, with rung 0. */
  readonly ladder: readonly Variant[];
  /** The id of the drill whose figure shows it: its own in the catalogue, the original's for a copy; empty for none. */
  readonly figure: string;
  /** Made in a hurry after another drill: somebody has still to look over what it says. */
  readonly unfinished?: true;
  /** Why the ladder has no gentler rung, or no stronger one; empty where it has. */
  readonly noGentler: string;
  readonly noStronger: string;
}

/** The base rung of a drill. */
export function baseOf(drill: Drill): Variant {
  const base = drill.ladder.find(({ rung }) => rung === 0);
  if (!base) throw new Error(`"${drill.name}" has no base rung.`);
  return base;
}
