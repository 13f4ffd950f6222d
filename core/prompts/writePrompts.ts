import { sideOrder } from '../dose/sideOrder.ts';
import { mainAimWords } from '../circuit/aim.ts';
import type { Circuit, Slot, TrackDrill } from '../circuit/circuit.ts';
import { slotsOf } from '../circuit/circuit.ts';
import type { Plates } from '../dose/lift.ts';
import { rampSeconds } from '../dose/ramp.ts';
import type { Drill } from '../drills/drill.ts';
import type { DrillLibrary } from '../drills/library.ts';
import { drillIn } from '../drills/onRung.ts';
import { POSTURE_WORDS } from '../drills/posture.ts';
import { instructed, instructionName } from '../swaps/swap.ts';
import type { Segment } from '../timeline/timeline.ts';
import type { Seconds } from '../units.ts';
import { placed } from './placed.ts';
import {
  guessedLength,
  type Gap,
  type PromptKind,
  type Script,
  type SilencedLine,
  type Talk,
  type WantedLine,
} from './prompt.ts';
import { amountSaid, liftSaid, sentence, shorter, stepSaid, timeSaid } from './spokenWords.ts';

/** What a script is written for. */
export interface ScriptWish {
  readonly circuit: Circuit;
  readonly segments: readonly Segment[];
  readonly library: DrillLibrary;
  readonly talk: Talk;
  /** What loads a bar, where it is known. */
  readonly plates?: Plates | undefined;
  /** How long a text takes to say: measured where it was rendered, else guessed. */
  readonly lengthOf?: (text: string) => Seconds;
}

/** The last seconds of work belong to the beeps. */
const BEEPS: Seconds = 3;
/** A tone opens work, a change and a rest: words begin when it has sounded. */
const TONE: Seconds = 0.4;
/** Work shorter than this has no half. Common practice, no source. */
const HALVED: Seconds = 30;
/** Work shorter than this is not corrected midway. Common practice, no source. */
const CORRECTED: Seconds = 25;
/** How long after a circuit its last words may take. */
const AFTER: Seconds = 30;

/**
 * What is said and shown in a circuit, and when: each drill's name with its position and amount while people get ready, one
 * cue early in the work, the coach's own first, the usual fault's fix midway, halfway, every change of side, the steps of a
 * ramp, what comes next in a rest, and the end. The first round is told in full, later rounds by name and one short cue.
 * Never two at once, never outside the stretch it is said in.
 */
export function writePrompts(wish: ScriptWish): Script {
  const { segments, lengthOf = guessedLength } = wish;
  const slots = new Map(wish.circuit.blocks.flatMap(slotsOf).map((slot) => [slot.id, slot]));
  const begun = new Set<string>();
  const lines = segments.flatMap((segment, index) => {
    const slot = slots.get(segment.slotId);
    const called = slot && calledIn(slot, wish.library);
    if (!slot || !called) return [];
    const turn = `${slot.id} ${String(segment.round)}`;
    const opens = segment.kind !== 'rest' && !begun.has(turn);
    if (opens) begun.add(turn);
    return linesFor({ wish, segment, index, slot, opens, ...called });
  });
  const { wanted, silenced } = asChanged([...lines, ...ending(segments)], slots);
  return { ...placed(wanted, lengthOf), silenced };
}

/** The lines as the coach has them said in their slots, without those that are silenced. */
function asChanged(
  lines: readonly WantedLine[],
  slots: ReadonlyMap<string, Slot>,
): { readonly wanted: readonly WantedLine[]; readonly silenced: readonly SilencedLine[] } {
  const silenced = new Map<string, SilencedLine>();
  const wanted = lines.flatMap((wantedLine): readonly WantedLine[] => {
    const { slotId, forms } = wantedLine;
    const [line] = forms;
    const change = slots.get(slotId)?.said.find((one) => one.line === line);
    if (!change) return [wantedLine];
    if (change.instead !== '') return [{ ...wantedLine, forms: [sentence(change.instead)], line }];
    silenced.set(`${slotId} ${line}`, { slotId, line });
    return [];
  });
  return { wanted, silenced: [...silenced.values()] };
}

interface Here {
  readonly wish: ScriptWish;
  readonly segment: Segment;
  readonly index: number;
  readonly slot: Slot;
  /** What is done there, and what it is called. */
  readonly drill: Drill;
  readonly name: string;
  /** Whether it is the first stretch of its slot in a round: there it is named. */
  readonly opens: boolean;
}

/** What is done in a slot: as planned, or the one drill that everybody does instead. */
function calledIn(slot: Slot, library: DrillLibrary): Pick<Here, 'drill' | 'name'> | undefined {
  const one = slot.tracks.find(({ track }) => track === 'everybody');
  const instead = one && instructed(library, one);
  if (instead) return { drill: instead.drill, name: instructionName(instead.drill, instead.rung).replace(': ', ', ') };
  const drill = drillIn(slot, library);
  return drill && { drill, name: saidName(slot, drill) };
}

function linesFor(here: Here): readonly WantedLine[] {
  const { kind } = here.segment;
  if (kind === 'rest') return restLines(here);
  if (kind === 'switch') return switchLines(here);
  const opening = here.opens ? nameLines(here) : setLines(here);
  return kind === 'work' ? [...opening, ...workLines(here)] : opening;
}

function nameLines(here: Here): readonly WantedLine[] {
  const { wish, segment, index, slot, drill, name } = here;
  const before = wish.segments[index - 1];
  const position = before?.posture === segment.posture ? '' : `, ${POSTURE_WORDS[segment.posture]}`;
  const work = wish.segments.slice(index).find((one) => one.kind === 'work' && one.slotId === segment.slotId);
  const side = work ? sideSaid(work) : '';
  const called = side === '' ? name : `${name}, ${side}`;
  const amount = liftOr(here, work ?? segment);
  // What is new to them is shown while it is named.
  const opening = `${called}${position}.${slot.shownFirst ? ' Watch first.' : ''}`;
  const full = amount === '' ? opening : `${opening} ${sentence(amount)}`;
  const forms: [string, ...string[]] =
    segment.round > 1
      ? [`${called}.`, `${drill.name}.`]
      : [full, opening, `${called}${position}.`, `${called}.`, `${drill.name}.`];
  const end = work && work.end > segment.end ? work.end : segment.end;
  const start = segment.kind === 'work' ? segment.start + TONE : segment.start;
  const gaps = [
    gap(start, segment.end),
    gap(start, Math.max(segment.end, end - BEEPS)),
    gap(segment.start, end),
    gap(segment.start, turnEnd(wish.segments, index)),
  ];
  return [{ slotId: slot.id, kind: 'name', forms: distinct(forms), gaps, must: true }];
}

function liftOr({ slot, wish }: Here, at: Segment): string {
  return slot.dose.kind === 'lift' ? liftSaid(slot.dose, at.set, wish.plates) : amountSaid(slot);
}

/** When the turn that begins here is over: a name told late in it is better than none. */
function turnEnd(segments: readonly Segment[], index: number): Seconds {
  const here = segments[index];
  const after = segments.slice(index).find((one) => one.slotId !== here?.slotId || one.round !== here.round);
  return after?.start ?? segments.at(-1)?.end ?? 0;
}

/** A further set: which, and what is lifted where that changes. */
function setLines(here: Here): readonly WantedLine[] {
  const { wish, segment, index, slot } = here;
  const before = wish.segments.slice(0, index).findLast((one) => one.slotId === segment.slotId && one.kind !== 'rest');
  if (segment.sets < 2 || before?.set === segment.set || segment.set === 1) return [];
  const which = `Set ${String(segment.set)} of ${String(segment.sets)}.`;
  const load = slot.dose.kind === 'lift' ? sentence(liftSaid(slot.dose, segment.set, wish.plates)) : '';
  const forms: [string, ...string[]] = load === '' ? [which] : [`${which} ${load}`, load];
  const start = segment.kind === 'work' ? segment.start + TONE : segment.start;
  return [{ slotId: slot.id, kind: 'set', forms, gaps: [gap(start, segment.end)], must: load !== '' }];
}

function switchLines({ wish, segment, index, slot }: Here): readonly WantedLine[] {
  const next = wish.segments[index + 1];
  const side = next ? sideSaid(next) : '';
  const forms: [string, ...string[]] =
    segment.swap === 'partner'
      ? ['Partners change.', 'Change.']
      : segment.sideWord === 'way'
        ? ['Other way.']
        : [`Change sides, ${side}.`, `${side}.`];
  const end = next?.end ?? segment.end;
  const gaps = [gap(segment.start + TONE, segment.end), gap(segment.start + TONE, end), gap(segment.start, end)];
  return [{ slotId: slot.id, kind: 'side', forms: distinct(forms.map(sentence)), gaps, must: true }];
}

function restLines({ wish, segment, index, slot }: Here): readonly WantedLine[] {
  const next = wish.segments.slice(index + 1).find(({ kind }) => kind !== 'rest');
  if (!next || wish.talk === 'names only') return [];
  const again = next.slotId === segment.slotId && next.round === segment.round;
  const gaps = [gap(segment.start + TONE, segment.end)];
  if (again) return [{ slotId: slot.id, kind: 'next', forms: ['Rest.'], gaps, must: false }];
  const drill = drillIn(next, wish.library);
  if (!drill) return [];
  const position = next.posture === segment.posture ? '' : `, ${POSTURE_WORDS[next.posture]}`;
  const things = drill.kit.length > 0 ? `. Take: ${drill.kit.join(', ')}` : '';
  const name = drill.name.toLowerCase();
  const forms: [string, ...string[]] = [
    `Rest. Next, ${name}${position}${things}.`,
    `Rest. Next, ${name}${position}.`,
    `Next, ${name}.`,
    'Rest.',
  ];
  return [{ slotId: next.slotId, kind: 'next', forms: distinct(forms), gaps, must: false }];
}

function workLines(here: Here): readonly WantedLine[] {
  const { wish, segment, index } = here;
  const before = wish.segments[index - 1];
  const turned = isSecondSide(here) && before?.kind === 'work' && before.slotId === segment.slotId;
  const side: readonly WantedLine[] = turned ? [changedSide(here)] : [];
  const steps = stepLines(here);
  if (wish.talk === 'names only') return [...side, ...steps];
  return [...side, ...steps, ...growthLines(here), ...cueLines(here), ...midwayLines(here)];
}

/** Whether the other side was done before. */
const isSecondSide = ({ segment, slot }: Here): boolean => segment.side === sideOrder(slot.extra, segment.sideWord)[1];

/** Sides that follow on each other without a stretch between. */
function changedSide({ segment, slot }: Here): WantedLine {
  const forms: [string, ...string[]] = [segment.sideWord === 'way' ? 'Other way.' : sentence(sideSaid(segment))];
  return { slotId: slot.id, kind: 'side', forms, gaps: [gap(segment.start, segment.end)], must: true };
}

function stepLines({ segment, slot }: Here): readonly WantedLine[] {
  const { dose } = slot;
  if (dose.kind !== 'ramp') return [];
  const lengths = rampSeconds(dose, 'plan');
  let from = segment.start;
  return lengths.map((length, step) => {
    const begins = from;
    from += length;
    const left = timeSaid(segment.end - begins);
    const said = stepSaid(dose, step);
    return {
      slotId: slot.id,
      kind: 'step',
      forms: [`${sentence(`${said} now`)} ${sentence(`${left} left`)}`, sentence(`${said} now`), sentence(said)],
      gaps: [gap(begins + TONE, Math.min(begins + length, segment.end))],
      must: true,
    } as const;
  });
}

function cueLines(here: Here): readonly WantedLine[] {
  const { wish, segment, slot, drill } = here;
  const first = segment.round === 1 && segment.set === 1 && !isSecondSide(here);
  const early = [gap(segment.start + TONE, segment.end - BEEPS)];
  const line = (kind: PromptKind, text: string, shorterToo = true): WantedLine => {
    const brief = shorterToo ? shorter(text) : undefined;
    const forms: [string, ...string[]] = brief === undefined ? [sentence(text)] : [sentence(text), sentence(brief)];
    return { slotId: slot.id, kind, forms, gaps: early, must: false };
  };
  const turn = segment.round + segment.set - 2 + Number(isSecondSide(here));
  const own = slot.cue === '' ? undefined : slot.cue;
  // The safety cue stands first among a drill's cues.
  const cue = own ?? drill.cues[turn % drill.cues.length] ?? drill.cues[0];
  if (!first) return [{ ...line('cue', shorter(cue) ?? cue), must: false }];
  const tracks = slot.tracks
    .flatMap((track) => trackLine(track, slot, wish.library))
    .map((text) => line('track', text));
  const more = own === undefined ? drill.cues.slice(1) : drill.cues;
  const taught = wish.talk === 'teaching' ? more.map((text) => line('cue', text)) : [];
  return [line('cue', cue), ...aimLines(slot).map((text) => line('aim', text, false)), ...tracks, ...taught];
}

/** What those aim at who do it as planned; the gentler track says its own number. */
function aimLines({ aim, tracks }: Slot): readonly string[] {
  const gentler = tracks.some(({ track }) => track === 'gentler');
  return aim ? [`Aim for ${mainAimWords(aim, gentler)}`] : [];
}

function trackLine(track: TrackDrill, slot: Slot, library: DrillLibrary): readonly string[] {
  const found = instructed(library, track);
  if (!found || track.track === 'everybody') return [];
  const does =
    found.drill.id === slot.drillId && found.rung.rung !== 0 ? found.rung.name : found.drill.name.toLowerCase();
  const aim = slot.aim && track.track === 'gentler' ? `, aim for ${String(slot.aim.gentler)}` : '';
  return [track.track === 'gentler' ? `Gentler: ${does}${aim}` : `Or: ${does}`];
}

function midwayLines({ wish, segment, slot, drill }: Here): readonly WantedLine[] {
  const half = segment.start + segment.length / 2;
  const end = segment.end - BEEPS;
  const lines: WantedLine[] = [];
  if (segment.length >= HALVED && slot.dose.kind !== 'ramp' && !segment.openEnd)
    lines.push({ slotId: slot.id, kind: 'halfway', forms: ['Halfway.'], gaps: [gap(half, half + 2)], must: false });
  if (segment.length >= CORRECTED && (segment.round === 1 || wish.talk === 'teaching'))
    lines.push({
      slotId: slot.id,
      kind: 'fix',
      forms: [sentence(drill.fault.fix)],
      gaps: [gap(half + 2, end)],
      must: false,
    });
  return lines;
}

function growthLines({ segment, slot }: Here): readonly WantedLine[] {
  if (!slot.growing) return [];
  const [small, big] = slot.growing.split(' to ');
  const third = segment.length / 3;
  return [`Start ${small ?? ''}`, `A little more ${big ?? ''}`, `Now ${big ?? ''}`].map((text, at) => {
    const from = segment.start + at * third;
    return {
      slotId: slot.id,
      kind: 'growth',
      forms: [sentence(text)],
      gaps: [gap(from + TONE, from + third)],
      must: false,
    } as const;
  });
}

function ending(segments: readonly Segment[]): readonly WantedLine[] {
  const last = segments.at(-1);
  if (!last) return [];
  const gaps = [gap(last.end + 1, last.end + AFTER)];
  return [{ slotId: last.slotId, kind: 'end', forms: ['Done. Well worked.'], gaps, must: true }];
}

/** A name as it is called: with the rung where the drill is done on another than its own. */
function saidName(slot: Slot, drill: Drill): string {
  const rung = slot.rung === '' ? undefined : drill.ladder.find(({ id }) => id === slot.rung);
  return rung && rung.name !== 'as named' && !drill.name.includes(rung.name)
    ? `${drill.name}, ${rung.name}`
    : drill.name;
}

/** Which side works, as it is called; empty where both do. */
function sideSaid({ side, sideWord }: Segment): string {
  if (side === 'left') return sideWord === 'way' ? 'one way' : 'left side';
  if (side === 'right') return sideWord === 'way' ? 'other way' : 'right side';
  return '';
}

const gap = (from: Seconds, until: Seconds): Gap => ({ from, until });

/** Forms that do not say the same, in order. */
function distinct(forms: readonly string[]): readonly [string, ...string[]] {
  const [first = '', ...rest] = [...new Set(forms)];
  return [first, ...rest];
}
