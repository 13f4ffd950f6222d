import type { Dose, Sides } from '../dose/dose.ts';
import { usualSlot } from '../circuit/slot.ts';
import { newBlock } from '../circuit/edit.ts';
import { emptyCircuit, type Circuit, type Slot } from '../circuit/circuit.ts';
import type { Drill } from '../drills/drill.ts';
import { libraryOf } from '../drills/library.ts';
import type { Posture } from '../drills/posture.ts';
import { just, type Range } from '../units.ts';

/** A plain drill for tests, with whatever a test cares about put in. */
export function testDrill(change: Partial<Drill> & { readonly name: string }): Drill {
  return {
    id: change.name.toLowerCase().replaceAll(/[^a-z0-9]+/g, '-'),
    aliases: [],
    phases: ['mobilise'],
    posture: 'standing',
    sidesAllowed: ['both', 'each', 'alternate'],
    sideWord: 'side',
    kit: [],
    substitutes: {},
    space: 'spot',
    view: 'front',
    cues: ['Stand tall'],
    fault: { seen: 'slumping', fix: 'stand tall' },
    felt: 'everywhere',
    cautions: [],
    usual: { dose: repsOf(8), sides: 'both' },
    shortestUseful: 10,
    effort: 3,
    energy: { kind: 'estimate', met: 3 },
    targets: { 'system · pulse': 0.5 },
    planes: ['sagittal'],
    ladder: [
      { id: 'base', name: 'as named', rung: 0, changes: [], posture: 'standing', kit: [], demands: {}, effort: 3 },
    ],
    figure: '',
    noGentler: 'invented',
    noStronger: 'invented',
    ...change,
  };
}

/** Repetitions at three seconds each. */
export function repsOf(low: number, high = low): Dose {
  return { kind: 'reps', count: { low, high }, tempo: { kind: 'even', seconds: 3 } };
}

/** A plain length of time. */
export function timeOf(low: number, high = low): Dose {
  return { kind: 'time', seconds: { low, high } };
}

const INVENTED: readonly { name: string; posture: Posture; change?: Partial<Drill> }[] = [
  { name: 'Tall reach', posture: 'standing' },
  { name: 'Deep sit', posture: 'squat' },
  { name: 'One-knee turn', posture: 'half-kneeling' },
  { name: 'All-fours sway', posture: 'quadruped' },
  { name: 'Long hands', posture: 'plank', change: { sidesAllowed: ['alternate'], sideWord: 'way' } },
  { name: 'Floor bridge', posture: 'supine', change: { kit: ['mat'] } },
  { name: 'Chair bend', posture: 'seated', change: { kit: ['chair'] } },
  { name: 'Rope turn', posture: 'standing', change: { kit: ['rope'] } },
  { name: 'Shoulder to shoulder', posture: 'standing', change: { kit: ['partner'] } },
  { name: 'Loop step', posture: 'standing', change: { kit: ['loop band'], sidesAllowed: ['each'], sideWord: 'way' } },
  { name: '90/90 lean, slow', posture: 'seated', change: { aliases: ['lean'] } },
  { name: 'Run', posture: 'standing', change: { aliases: ['easy run, 2 by 2'] } },
];

/** A small invented library that has every rank, kit handling and awkward name. */
export const testLibrary = libraryOf(
  INVENTED.map(({ name, posture, change }) => testDrill({ name, posture, ...change })),
);

/** A slot of an invented drill. */
export function testSlot(name: string, dose: Dose, sides: Sides = 'both', change: Partial<Slot> = {}): Slot {
  const drill = testLibrary.byName.get(name.toLowerCase());
  if (!drill) throw new Error(`No invented drill is called "${name}".`);
  return { ...usualSlot(drill, change.id ?? `slot-${name}`), dose, sides, ...change };
}

/** A circuit of one block. */
export function circuitOf(lines: readonly Slot[], rounds: Range = just(1), roundRest = 0): Circuit {
  return {
    ...emptyCircuit('Test circuit'),
    blocks: [{ ...newBlock('block-1', 'mobilise'), rounds, roundRest, lines }],
  };
}
