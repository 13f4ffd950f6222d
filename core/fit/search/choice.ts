import type { Block, Circuit, Slot } from '../../circuit/circuit.ts';
import type { Floor } from '../../dose/distance.ts';
import type { Drill } from '../../drills/drill.ts';
import type { Target } from '../../drills/target.ts';
import type { Seconds } from '../../units.ts';
import type { Occasion } from '../../occasion/occasion.ts';
import type { Amount } from '../plan/dosage.ts';
import type { RestLevel, SlotPlan } from '../plan/plan.ts';
import type { Weights } from './worth.ts';

/** A slot that something stands for. */
export interface StandsFor {
  readonly weight: number;
  readonly fraction: number;
  readonly quality: number;
  /** What staying just as planned is worth beside it. */
  readonly unchanged: number;
}

/** One thing that may stand in a place of the circuit. */
export interface Choice {
  readonly plan: SlotPlan;
  /** 1, or 2 where it takes the place of the next slot too. */
  readonly spans: 1 | 2;
  readonly slot: Slot;
  readonly drill: Drill;
  /** Each slot it stands for: its weight, the share of its planned dose that is given, and what else is left of its worth. */
  readonly standsFor: readonly StandsFor[];
  readonly targets: readonly Target[];
}

/** A slot of the circuit with everything that may stand in its place. */
export interface ChoicePlace {
  readonly slot: Slot;
  readonly drill: Drill;
  readonly choices: readonly Choice[];
  readonly mayGo: boolean;
  /** Seconds of raising that must have been before it; 0 for anything but fast work. */
  readonly raiseBefore: Seconds;
}

export interface ChoiceBlock {
  readonly block: Block;
  readonly places: readonly ChoicePlace[];
  readonly planned: number;
  readonly rounds: readonly number[];
  readonly rests: readonly RestLevel[];
  /** Stations stay together: all or none. */
  readonly stations: boolean;
  /** The amounts that all its slots are given alike, where one interval or count rules it; null where each has its own. */
  readonly alike: readonly Amount[] | null;
}

/** Everything that may become of a circuit. */
export interface ChoiceSet {
  readonly circuit: Circuit;
  readonly occasion: Occasion;
  readonly floor: Floor;
  readonly weights: Weights;
  readonly blocks: readonly ChoiceBlock[];
  /** Whether drills are called by name alone. */
  readonly namesOnly: boolean;
}
