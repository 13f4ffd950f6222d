import { timeOfDay } from '../circuit/wallClock.ts';
import type { Approach } from '../approach/approach.ts';
import { APPROACHES, approachOf } from '../approach/approaches.ts';
import type { Block, Circuit, Line, Slot } from '../circuit/circuit.ts';
import type { Dose, Tempo } from '../dose/dose.ts';
import { USUAL_PACE, type DistanceDose } from '../dose/distance.ts';
import type { RampDose } from '../dose/ramp.ts';
import { countedPerSide } from '../dose/workSeconds.ts';
import { rampUp, type LiftDose } from '../dose/lift.ts';
import { USUAL_HOLD_MOVE_SECONDS, usualSetRest } from '../dose/trade.ts';
import type { Drill } from '../drills/drill.ts';
import type { DrillLibrary } from '../drills/library.ts';
import { usualTempo } from '../drills/usualTempo.ts';
import type { Range, Seconds } from '../units.ts';

/** Writes a circuit as whiteboard text that reads back as the same circuit, ids apart. */
export function writeWhiteboard(
  circuit: Circuit,
  library: DrillLibrary,
  approaches: readonly Approach[] = APPROACHES,
): string {
  const { title, purpose, tags, approach, available, clock, people, lanes } = circuit;
  const headings = [
    `# ${title}`,
    ...(purpose ? [`for: ${purpose}`] : []),
    ...(tags.length > 0 ? [`tags: ${tags.join(', ')}`] : []),
    ...(approach ? [`approach: ${approachOf(approach, approaches).name.toLowerCase()}`] : []),
    ...(available ? [`in: ${writeClock(available)}`] : []),
    ...(clock ? [`${clock.of}: ${timeOfDay(clock.minute * 60)}`] : []),
    ...(people ? [`people: ${people}`] : []),
    ...(lanes ? [`lanes: ${lanes}`] : []),
    ...writeWith(circuit),
    ...circuit.unread.map((line) => line.text),
  ];
  const blocks = circuit.blocks.map((block) => writeBlock(block, library));
  return `${[headings.join('\n'), ...blocks].join('\n\n')}\n`;
}

function writeWith({ somebodyNew, slowToFloor, namesOnly }: Circuit): readonly string[] {
  const who = [
    ...(somebodyNew ? ['somebody new'] : []),
    ...(slowToFloor ? ['somebody slow to the floor'] : []),
    ...(namesOnly ? ['names only'] : []),
  ];
  return who.length > 0 ? [`with: ${who.join(', ')}`] : [];
}

function writeBlock(block: Block, library: DrillLibrary): string {
  return [writeBlockLine(block), ...block.lines.map((line) => `  ${writeLine(line, library)}`)].join('\n');
}

/** A block's own line: "mobilise 2 rounds rest 20s". */
export function writeBlockLine({ phase, rounds, roundRest, stations }: Block): string {
  const once = rounds.low === 1 && rounds.high === 1;
  const times = once ? '' : ` ${writeRange(rounds)} rounds`;
  return `${phase}${stations ? ' stations' : ''}${times}${roundRest ? ` rest ${roundRest}s` : ''}`;
}

/** A slot as one whiteboard line, or the text of a line that could not be read. */
export function writeLine(line: Line, library: DrillLibrary): string {
  if (line.kind === 'unread') return line.text;
  const drill = library.byId.get(line.drillId);
  return drill ? writeSlot(line, drill) : line.drillId;
}

function writeSlot(slot: Slot, drill: Drill): string {
  return `${nameOnBoard(drill)} ${writeDose(slot, drill)}`;
}

/** A drill's name as written on the board: small letters, but for a name that is all capitals at its start. */
function nameOnBoard(drill: Drill): string {
  const { name } = drill;
  return /^[A-Z][a-z]/.test(name) ? name.charAt(0).toLowerCase() + name.slice(1) : name;
}

/** Everything a whiteboard line says after the drill's name. */
export function writeDose(slot: Slot, drill: Drill): string {
  const words = [
    ...writeSetsAndDose(slot, drill),
    slot.extra && slot.sides !== 'both' ? `${slot.extra.side} +${slot.extra.more}` : '',
    slot.setRest === usualSetRest(slot.dose) ? '' : `set rest ${slot.setRest}s`,
    slot.rest ? `rest ${slot.rest}s` : '',
    slot.pinned ? '!' : '',
    slot.optional ? '?' : '',
    slot.cue ? `"${slot.cue.replaceAll('"', '""')}"` : '',
  ];
  return words.filter((word) => word !== '').join(' ');
}

function writeSetsAndDose(slot: Slot, drill: Drill): readonly string[] {
  const { dose, sets } = slot;
  const once = sets.low === 1 && sets.high === 1;
  const sides = writeSides(slot, drill);
  const amount = writeAmount(dose);
  const counted = dose.kind === 'reps' && !once ? `${writeRange(sets)}x${amount}` : amount;
  const prefix = once || dose.kind === 'reps' ? '' : `${writeRange(sets)} sets`;
  const tempo = dose.kind === 'reps' && !sameTempo(dose.tempo, usualTempo(drill)) ? `@${writeTempo(dose.tempo)}` : '';
  return [prefix, `${counted}${sides}`, tempo, ...(dose.kind === 'distance' ? writeDistanceDetails(dose) : [])];
}

function writeAmount(dose: Dose): string {
  switch (dose.kind) {
    case 'distance':
      return writeDistance(dose);
    case 'ramp':
      return writeRamp(dose);
    case 'lift':
      return writeLift(dose);
    case 'time':
      return `${writeRange(dose.seconds)}s`;
    case 'feel':
      return `feel ${writeRange(dose.seconds)}s`;
    case 'reps':
      return writeRange(dose.count);
    case 'holds': {
      const positions = dose.positions === 1 ? '' : ` x${dose.positions}pos`;
      const move = dose.move === USUAL_HOLD_MOVE_SECONDS ? '' : ` move ${dose.move}s`;
      return `${writeRange(dose.count)}x${writeRange(dose.hold)}s${positions}${move}`;
    }
  }
}

function writeSides({ sides, dose }: Slot, drill: Drill): string {
  switch (sides) {
    case 'both':
      return drill.sidesAllowed.includes('both') ? '' : ' both';
    case 'each':
      return `/${drill.sideWord}`;
    case 'alternate':
      return countedPerSide(dose) ? `/${drill.sideWord} alt` : ' alt';
  }
}

function writeDistance({ length, lengths }: DistanceDose): string {
  if (length.of === 'measure') {
    const { amount, unit } = length.measure;
    return `${amount}${unit}${lengths.low === 1 && lengths.high === 1 ? '' : ` x${writeRange(lengths)}`}`;
  }
  const word = length.of === 'lane' ? 'length' : 'lap';
  return `${writeRange(lengths)} ${word}${lengths.high === 1 ? '' : 's'}`;
}

function writeDistanceDetails({ pace, percents, step }: DistanceDose): readonly string[] {
  const usual = pace.amount === USUAL_PACE.amount && pace.unit === USUAL_PACE.unit;
  return [
    usual ? '' : `@${pace.amount}${pace.unit}`,
    percents.length > 0 ? `${percents.join('/')}%` : '',
    step ? `step ${step.amount}${step.unit}` : '',
  ];
}

function writeRamp({ from, to, unit, grade, steps, each }: RampDose): string {
  const climb = unit === 'effort' ? `effort ${from}>${to}` : `${from}>${to} ${unit}`;
  return `ramp ${climb}${grade > 0 ? ` at ${grade}%` : ''} ${steps}x${writeRange(each)}s`;
}

function writeLift({ load, unit, reps, steps }: LiftDose): string {
  const words = (of: LiftDose['steps']) => of.map((step) => ` ${step.percent}%x${step.reps}`).join('');
  const own = words(steps);
  return `lift ${load}${unit} x${reps}${own === words(rampUp(reps)) ? '' : own}`;
}

/** A tempo as written after @: "3s" or "2-1-2". */
export function writeTempo(tempo: Tempo): string {
  return tempo.kind === 'even' ? `${tempo.seconds}s` : `${tempo.lower}-${tempo.hold}-${tempo.lift}`;
}

function sameTempo(one: Tempo, other: Tempo): boolean {
  return writeTempo(one) === writeTempo(other);
}

function writeRange({ low, high }: Range): string {
  return low === high ? `${low}` : `${low}-${high}`;
}

function writeClock(seconds: Seconds): string {
  const half = Number.isInteger(seconds) ? undefined : `${seconds}s`;
  return half ?? `${Math.floor(seconds / 60)}:${String(seconds % 60).padStart(2, '0')}`;
}
