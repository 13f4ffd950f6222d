import { slotsOf, type Block, type Circuit, type Slot } from '../circuit/circuit.ts';
import { emptyCircuit } from '../circuit/circuit.ts';
import { newBlock } from '../circuit/edit.ts';
import { usualSlot } from '../circuit/slot.ts';
import { coverageOf } from '../coverage/coverageOf.ts';
import type { MainSession } from '../approach/mainSession.ts';
import type { Drill, Space } from '../drills/drill.ts';
import type { Kit } from '../drills/kit.ts';
import type { Phase } from '../drills/phase.ts';
import { TARGETS } from '../drills/target.ts';
import { comesBefore } from '../drills/precedence.ts';
import { isRolling, isStaticHold, mainTarget } from '../drills/kinds.ts';
import type { Occasion } from '../occasion/occasion.ts';
import { timeCircuit } from '../timeline/timeCircuit.ts';
import { just, type Seconds } from '../units.ts';
import type { Approach } from '../approach/approach.ts';
import { holdCaps, type HoldCaps } from '../approach/holdCaps.ts';

/** What a first draft is made from. */
export interface Wish {
  readonly approach: Approach;
  readonly session?: MainSession;
  /** Seconds there are. */
  readonly available: Seconds;
  readonly kit: readonly Kit[];
  readonly spaces: readonly Space[];
}

/** How far a phase may pass its share. Common practice, no source. */
const SPARE = 1.05;

/**
 * A sensible first circuit: each phase of the approach gets its share of the time, filled drill by drill with what the main
 * session still lacks most, in the kit and space there is. Never longer than the time.
 *
 * @param newId makes ids for blocks and slots
 */
export function templateFrom(wish: Wish, occasion: Occasion, newId: () => string): Circuit {
  const { approach, session, available } = wish;
  const purpose = session?.name.toLowerCase() ?? '';
  let circuit: Circuit = {
    ...emptyCircuit(`${approach.name}${session ? `, ${purpose}` : ''}`),
    purpose,
    approach: approach.id,
    available,
  };
  for (const phase of approach.order) {
    const share = approach.shares[phase] ?? 0;
    if (share > 0) circuit = withPhase(circuit, phase, share * available, wish, occasion, newId);
  }
  return circuit;
}

function withPhase(
  circuit: Circuit,
  phase: Phase,
  seconds: Seconds,
  wish: Wish,
  occasion: Occasion,
  newId: () => string,
): Circuit {
  let block: Block = newBlock(newId(), phase);
  const timeOf = (with_: Block) => timeCircuit({ ...circuit, blocks: [...circuit.blocks, with_] }, occasion).total.plan;
  const before = timeCircuit(circuit, occasion).total.plan;
  const tried = new Set<string>();
  for (;;) {
    const present = { ...circuit, blocks: [...circuit.blocks, block] };
    const [drill] = candidates(present, block, phase, wish, occasion, tried);
    if (!drill) break;
    tried.add(drill.id);
    const grown = { ...block, lines: placed(block, slotFor(drill, wish, newId()), drill, occasion) };
    const total = timeOf(grown);
    const least = block.lines.length === 0 && wish.approach.essential.includes(phase);
    if (total > wish.available || (total - before > seconds * SPARE && !least)) continue;
    block = grown;
    if (total - before >= seconds * 0.9) break;
  }
  if (block.lines.length === 0 && wish.approach.essential.includes(phase)) {
    block = withShortest(circuit, block, phase, wish, occasion, newId, timeOf);
  }
  return block.lines.length === 0 ? circuit : { ...circuit, blocks: [...circuit.blocks, block] };
}

/** An essential phase where no usual dose fits: the most wanted drill for its shortest useful seconds. */
function withShortest(
  circuit: Circuit,
  block: Block,
  phase: Phase,
  wish: Wish,
  occasion: Occasion,
  newId: () => string,
  timeOf: (block: Block) => Seconds,
): Block {
  const ranked = candidates(
    { ...circuit, blocks: [...circuit.blocks, block] },
    block,
    phase,
    wish,
    occasion,
    new Set(),
  );
  for (const drill of ranked) {
    const slot = slotFor(drill, wish, newId());
    const short = {
      ...block,
      lines: [{ ...slot, dose: { kind: 'time' as const, seconds: just(drill.shortestUseful) } }],
    };
    if (timeOf(short) <= wish.available) return short;
  }
  return block;
}

/** The slot after whatever must come before it, and before whatever must follow it. */
function placed(block: Block, slot: Slot, drill: Drill, { library }: Occasion): Block['lines'] {
  const drillOf = (id: string) => library.byId.get(id);
  const later = slotsOf(block).findIndex(({ drillId }) => {
    const other = drillOf(drillId);
    return other !== undefined && comesBefore(drill, other) !== undefined;
  });
  return block.lines.toSpliced(later < 0 ? block.lines.length : later, 0, slot);
}

function slotFor(drill: Drill, { approach }: Wish, id: string): Slot {
  const slot = usualSlot(drill, id);
  const turns = approach.sides === 'alternating' && slot.sides === 'each' && drill.sidesAllowed.includes('alternate');
  return turns ? { ...slot, sides: 'alternate' } : slot;
}

/** Drills that fit the phase, the kit, the space and the approach, the most wanted first. */
function candidates(
  circuit: Circuit,
  block: Block,
  phase: Phase,
  wish: Wish,
  occasion: Occasion,
  tried: ReadonlySet<string>,
): readonly Drill[] {
  const { approach, session, kit, spaces } = wish;
  const drillIds = new Set(slotsOf(block).map(({ drillId }) => drillId));
  const coverage = coverageOf(circuit, occasion, session);
  const lack = new Map(coverage.targets.map(({ target, need, covered }) => [target, need * (1 - covered)]));
  const unmoved = new Set(
    Object.entries(coverage.planes)
      .filter(([, seconds]) => seconds === 0)
      .map(([plane]) => plane),
  );
  const used = new Set(circuit.blocks.flatMap(slotsOf).map(({ drillId }) => drillId));
  const drills = [...used].flatMap((id) => occasion.library.byId.get(id) ?? []);
  const mains = drills.map(mainTarget);
  const last = occasion.library.byId.get(slotsOf(block).at(-1)?.drillId ?? '');
  const held = drills.filter(isStaticHold).map(mainTarget);

  const fits = (drill: Drill): boolean =>
    drill.phases[0] === phase &&
    !used.has(drill.id) &&
    !tried.has(drill.id) &&
    drill.kit.every((item) => kit.includes(item)) &&
    spaces.includes(drill.space) &&
    (phase === 'potentiate' || drill.effort <= approach.caps.effort) &&
    !(isStaticHold(drill) && (held.includes(mainTarget(drill)) || longHeld(drill, holdCaps(approach, session)))) &&
    !(isRolling(drill) && drills.some(isRolling)) &&
    !drills.some((other) => comesBefore(drill, other) !== undefined && !drillIds.has(other.id));

  const worth = (drill: Drill): number => {
    const wanted = TARGETS.reduce((sum, target) => sum + (drill.targets[target] ?? 0) * (lack.get(target) ?? 0), 0);
    const fresh = drill.planes.some((plane) => unmoved.has(plane)) ? 0.25 : 0;
    const again = mains.filter((target) => target === mainTarget(drill)).length * 0.35;
    const stays = last?.posture === drill.posture ? 0.2 : 0;
    const plain = drill.kit.length === 0 ? 0.1 : 0;
    return wanted + fresh + stays + plain - again;
  };
  const ranked = occasion.library.drills.filter(fits).map((drill) => ({ drill, worth: worth(drill) }));
  return ranked.toSorted((one, other) => other.worth - one.worth).map(({ drill }) => drill);
}

/** Whether the drill's usual dose is longer than a muscle may be held. */
function longHeld({ usual: { dose } }: Drill, caps: HoldCaps | undefined): boolean {
  if (!caps) return false;
  if (dose.kind === 'time') return (dose.seconds.low + dose.seconds.high) / 2 > caps.warn;
  return dose.kind === 'holds' && dose.count.high * dose.positions * (dose.hold.high + dose.move) > caps.warn;
}
