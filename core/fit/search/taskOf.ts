import type { Drill } from '../../drills/drill.ts';
import { isRaising } from '../../drills/kinds.ts';
import type { Phase } from '../../drills/phase.ts';
import { readySeconds, restSeconds, straightInSeconds, talkBefore, type Talk } from '../../timeline/change.ts';
import { withItsPeople } from '../../occasion/occasion.ts';
import { stanceAfter, type Stance } from '../../occasion/stance.ts';
import type { Choice, ChoiceBlock, ChoicePlace, ChoiceSet } from './choice.ts';
import type { Amount } from '../plan/dosage.ts';
import type { RestLevel, SlotPlan } from '../plan/plan.ts';
import { restAt, restedSlot } from '../plan/rests.ts';
import { slotSeconds } from './slotSeconds.ts';
import { targetBits, type TargetBits } from './targetBits.ts';
import type { Decision, Bound, Relaxed, Task, TaskBlock, TaskChoice, TaskWay } from './task.ts';
import { together, useful } from './taskPlaces.ts';
import { slotWorth } from './worth.ts';

/** Puts a choice set into numbers. */
export function taskOf(set: ChoiceSet, bound: Bound, relaxed: Relaxed = {}): Task {
  return new TaskBuilder(set, bound, relaxed).build();
}

class TaskBuilder {
  /** What may be got ready for, and what is said before it. */
  private readonly drills: { readonly drill: Drill; readonly said: Talk }[] = [];
  private readonly stances: Stance[] = [];
  private readonly decisions: Decision[] = [];
  private readonly targets: TargetBits;
  private readonly parts: readonly Phase[];

  constructor(
    private readonly set: ChoiceSet,
    private readonly bound: Bound,
    private readonly relaxed: Relaxed,
  ) {
    this.parts = this.openParts();
    this.targets = targetBits(set, bound, (place) => this.mayGo(place));
  }

  build(): Task {
    const { set } = this;
    const start = this.stance(set.occasion.stance);
    const ways = set.blocks.map((block) => this.waysOf(block));
    const later = this.targetsLater(ways);
    const raises = set.blocks.map(({ places }) => Math.max(0, ...places.map(({ raiseBefore }) => 2 * raiseBefore)));
    const occasion = withItsPeople({ ...set.circuit, namesOnly: set.circuit.namesOnly || set.namesOnly }, set.occasion);
    const half = (from: Stance, drill: Drill, said: Talk) => Math.round(2 * readySeconds(from, drill, said, occasion));
    const blocks = set.blocks.map((block, at): TaskBlock => ({
      ways: ways[at] ?? [],
      stations: block.stations,
      noGaps: set.circuit.noGaps || block.block.noGaps,
      part: this.partBit(block.block.phase),
      targetsFrom: later[at] ?? [],
      partsAfter: set.blocks
        .slice(at + 1)
        .reduce((open, other) => (other.places.length > 0 ? open | this.partBit(other.block.phase) : open), 0),
      raiseFrom: Math.max(0, ...raises.slice(at)),
    }));
    const drillOfStance = this.stances.map((stance) =>
      this.drills.find(({ drill }) => sameStance(stanceAfter(drill), stance)),
    );
    return {
      blocks,
      noGaps: set.circuit.noGaps,
      decisions: this.decisions,
      ready: this.stances.map((from) => this.drills.map(({ drill, said }) => half(from, drill, said))),
      again: this.stances.map((from) => drillOfStance.map((of) => (of ? half(from, of.drill, 'later round') : 0))),
      straight: this.stances.map((from) =>
        this.drills.map(({ drill }) => Math.round(2 * straightInSeconds(from, drill, occasion))),
      ),
      start,
      raised: Math.round(2 * (set.occasion.done?.raise ?? 0)),
      targetValues: this.targets.values,
      certain: this.targets.certain,
      mayBeEmpty: set.occasion.done !== undefined,
    };
  }

  /** Essential parts that the circuit has and that are not done. */
  private openParts(): readonly Phase[] {
    const { blocks, occasion } = this.set;
    return occasion.approach.essential.filter((phase) => {
      if (this.relaxed.part === phase || occasion.done?.phases.has(phase)) return false;
      return blocks.some(({ block, places }) => block.phase === phase && places.length > 0);
    });
  }

  private partBit(phase: Phase): number {
    const at = this.parts.indexOf(phase);
    return at < 0 ? 0 : 1 << at;
  }

  private mayGo(place: ChoicePlace): boolean {
    return place.mayGo || this.relaxed.pin === place.slot.id;
  }

  private waysOf(block: ChoiceBlock): readonly TaskWay[] {
    const amounts = block.alike ?? [null];
    const inAll = block.rounds.flatMap((rounds) =>
      block.rests.flatMap((rest) => amounts.map((amount) => ({ rounds, rest, amount }))),
    );
    return inAll.map(({ rounds, rest, amount }): TaskWay => {
      const places = block.places.map((place) => ({
        choices: place.choices
          .filter(({ plan }) => isOf(plan, amount))
          .map((choice) => this.choiceOf(block, place, choice, rounds, rest)),
        mayGo: this.mayGo(place),
      }));
      const decision = this.decide({ kind: 'block', blockId: block.block.id, rounds, rest });
      const written = restAt(block.block.roundRest, rest);
      const roundRest = Math.round(2 * restSeconds(written, null, this.set.occasion));
      return { rounds, roundRest, decision, places: block.stations ? together(places) : places.map(useful) };
    });
  }

  private choiceOf(
    block: ChoiceBlock,
    place: ChoicePlace,
    choice: Choice,
    rounds: number,
    rest: RestLevel,
  ): TaskChoice {
    const slot = restedSlot(choice.slot, rest);
    const { busy, work } = slotSeconds(slot, choice.drill, this.set, block.block);
    // Fast work raises, too, but it is what the raising is for.
    const raises = block.block.phase !== 'potentiate' && isRaising(choice.drill);
    return {
      spans: choice.spans,
      drill: this.drill(choice.drill, talkBefore(slot, false)),
      stance: this.stance(stanceAfter(choice.drill)),
      runsOn: slot.runsOn,
      busy: Math.ceil(2 * busy - 1e-6),
      rest: Math.ceil(2 * restSeconds(slot.rest, slot.dose, this.set.occasion) - 1e-6),
      raise: raises ? Math.floor(2 * work * rounds + 1e-6) : 0,
      value: this.bound === 'lengths only' ? 0 : this.valueOf(block, choice, rounds, rest),
      targets: choice.targets.reduce((bits, target) => bits | (this.targets.bits.get(target) ?? 0), 0),
      raiseBefore: Math.round(2 * place.raiseBefore),
      decision: this.decide({
        kind: 'slot',
        slotId: place.slot.id,
        covers: choice.spans === 2 ? (block.places[block.places.indexOf(place) + 1]?.slot.id ?? null) : null,
        plan: choice.plan,
      }),
    };
  }

  private valueOf(block: ChoiceBlock, choice: Choice, rounds: number, rest: RestLevel): number {
    const { weights } = this.set;
    const own = choice.standsFor.reduce(
      (sum, { weight, fraction, quality, unchanged }) =>
        sum +
        unchanged +
        slotWorth(weight, weights.sum, {
          fraction,
          rounds: rounds / block.planned,
          quality,
          rest,
          namesOnly: this.set.namesOnly,
        }),
      0,
    );
    return choice.targets.reduce((sum, target) => sum + (this.targets.sole.get(target) ?? 0), own);
  }

  /** For every block and place, the target bits that can be served from there on. */
  private targetsLater(ways: readonly (readonly TaskWay[])[]): readonly (readonly number[])[] {
    const later: number[][] = ways.map(() => []);
    let bits = 0;
    for (let block = ways.length - 1; block >= 0; block -= 1) {
      const places = this.set.blocks[block]?.places.length ?? 0;
      const row = Array.from({ length: places + 1 }, () => 0);
      row[places] = bits;
      for (let place = places - 1; place >= 0; place -= 1) {
        for (const way of ways[block] ?? []) {
          for (const choice of way.places[place]?.choices ?? []) bits |= choice.targets;
        }
        row[place] = bits;
      }
      later[block] = row;
    }
    return later;
  }

  private decide(decision: Decision): number {
    return this.decisions.push(decision) - 1;
  }

  private drill(drill: Drill, said: Talk): number {
    const known = this.drills.findIndex((other) => other.drill === drill && other.said === said);
    return known >= 0 ? known : this.drills.push({ drill, said }) - 1;
  }

  private stance(stance: Stance): number {
    const known = this.stances.findIndex((other) => sameStance(other, stance));
    return known >= 0 ? known : this.stances.push(stance) - 1;
  }
}

function sameStance(one: Stance, other: Stance): boolean {
  return (
    one.posture === other.posture &&
    one.kit.length === other.kit.length &&
    one.kit.every((item) => other.kit.includes(item))
  );
}

/** Whether a slot is given an amount; any will do where a block has none in common. */
const isOf = (plan: SlotPlan, amount: Amount | null): boolean =>
  amount === null || (plan.kind === 'kept' && plan.amount === amount);
