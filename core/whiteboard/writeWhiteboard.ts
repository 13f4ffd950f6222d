import type { Approach } from '../approach/approach.ts';
import { APPROACHES, approachOf } from '../approach/approaches.ts';
import type { Block, Circuit, Line, Slot } from '../circuit/circuit.ts';
import { timeOfDay } from '../circuit/wallClock.ts';
import type { Drill } from '../drills/drill.ts';
import type { DrillLibrary } from '../drills/library.ts';
import type { Seconds } from '../units.ts';
import { writeDose, writeRange } from './writeDose.ts';

/** Writes a circuit as whiteboard text that reads back as the same circuit, ids apart. */
export function writeWhiteboard(
  circuit: Circuit,
  library: DrillLibrary,
  approaches: readonly Approach[] = APPROACHES,
): string {
  const { title, purpose, notBefore, notAfter, tags, approach, available, clock, people, lanes } = circuit;
  const headings = [
    `# ${title}`,
    ...(purpose ? [`for: ${purpose}`] : []),
    ...(notBefore ? [`not before: ${notBefore}`] : []),
    ...(notAfter ? [`not after: ${notAfter}`] : []),
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

function writeWith({ somebodyNew, slowToFloor, namesOnly, noGaps }: Circuit): readonly string[] {
  const who = [
    ...(somebodyNew ? ['somebody new'] : []),
    ...(slowToFloor ? ['somebody slow to the floor'] : []),
    ...(namesOnly ? ['names only'] : []),
    ...(noGaps ? ['no gaps'] : []),
  ];
  return who.length > 0 ? [`with: ${who.join(', ')}`] : [];
}

function writeBlock(block: Block, library: DrillLibrary): string {
  return [writeBlockLine(block), ...block.lines.map((line) => `  ${writeLine(line, library)}`)].join('\n');
}

/** A block's own line: "mobilise 2 rounds rest 20s", "mobilise 3:00 of these". */
export function writeBlockLine({ phase, rounds, roundRest, stations, noGaps, pick, pickWithin }: Block): string {
  const some = pickWithin === null ? pick : writeClock(pickWithin);
  const ofThese = some === null ? '' : ` ${some} of these`;
  const once = rounds.low === 1 && rounds.high === 1;
  const times = once ? '' : ` ${writeRange(rounds)} rounds`;
  return `${phase}${stations ? ' stations' : ''}${noGaps ? ' no gaps' : ''}${ofThese}${times}${roundRest ? ` rest ${roundRest}s` : ''}`;
}

/** A slot as one whiteboard line, or the text of a line that could not be read. */
export function writeLine(line: Line, library: DrillLibrary): string {
  if (line.kind === 'unread') return line.text;
  const drill = library.byId.get(line.drillId);
  return drill ? writeSlot(line, drill) : line.drillId;
}

function writeSlot(slot: Slot, drill: Drill): string {
  const rung = drill.ladder.find(({ id }) => id === slot.rung);
  return `${slot.runsOn ? 'straight into ' : ''}${nameOnBoard(drill)}${rung ? `: ${rung.name}` : ''} ${writeDose(slot, drill)}`;
}

/** A drill's name as written on the board: small letters, but for a name that is all capitals at its start. */
function nameOnBoard(drill: Drill): string {
  const { name } = drill;
  return /^[A-Z][a-z]/.test(name) ? name.charAt(0).toLowerCase() + name.slice(1) : name;
}

function writeClock(seconds: Seconds): string {
  const half = Number.isInteger(seconds) ? undefined : `${seconds}s`;
  return half ?? `${Math.floor(seconds / 60)}:${String(seconds % 60).padStart(2, '0')}`;
}
