import type { Segment } from '@prompt-spark/core/timeline/timeline';
import { soundsOf } from '@prompt-spark/core/prompts/sounds';
import {
  newRun,
  runAfter,
  runLength,
  type RunEvent,
  type RunState,
  type StageRun,
} from '@prompt-spark/core/session/stageRun';
import { momentAt, nextTurn } from '@prompt-spark/core/timeline/moment';
import type { MarkKind } from '@prompt-spark/core/session/marks';
import type { Seconds } from '@prompt-spark/core/units';
import { useIntervalFn, useRafFn } from '@vueuse/core';
import { computed, onScopeDispose, ref, shallowRef, watch, type ShallowRef } from 'vue';
import { synthesiser } from '../sound/instrument.ts';
import { monotonicSource } from './monotonicSource.ts';
import { SoundPlayer } from '../sound/soundPlayer.ts';
import type { Utterance } from '../voice/spokenClips.ts';
import type { Heard } from '../sound/heard.ts';
import { StageClock } from './stageClock.ts';

/** What is said in a run, and the clips of it. */
export interface Speech {
  /** What is said along these segments; nothing while the voice is off. */
  readonly heard: (segments: readonly Segment[]) => readonly Heard[];
  readonly ready: (context: AudioContext) => Promise<void>;
  readonly bufferOf: (context: AudioContext, utterance: Utterance) => AudioBuffer | undefined;
}

const SILENT: Speech = { heard: () => [], ready: () => Promise.resolve(), bufferOf: () => undefined };

/** A circuit being run: where it stands, what the coach can do to it, and what every slot took so far. */
export function useStageRun(planned: readonly Segment[], speech: Speech = SILENT) {
  const run = shallowRef<StageRun>(newRun(planned));
  const segments = computed(() => run.value.segments);
  const position = computed(() => run.value.position);
  const state = computed(() => run.value.state);
  const record = computed(() => run.value.record);
  const muted = ref(false);
  const startedAt = ref<Date>();

  let audio: AudioContext | undefined;
  let player: SoundPlayer | undefined;
  const now = monotonicSource({
    audioNow: () => (audio?.state === 'running' ? audio.currentTime : undefined),
    pageNow: () => performance.now() / 1000,
  });
  const clock = new StageClock(now);
  let stoodSince: Seconds = 0;

  const moment = computed(() => momentAt(segments.value, position.value));
  const next = computed(() => nextTurn(segments.value, moment.value?.index ?? 0));
  const total = computed(() => runLength(run.value));
  const sounds = computed<readonly Heard[]>(() =>
    [...soundsOf(segments.value), ...speech.heard(segments.value)].toSorted((one, other) => one.at - other.at),
  );

  // Another script, or clips that came late: what was handed over is handed over anew.
  watch(sounds, () => player?.callOff());

  /** Tells the run what happens, with what its clock says, and has clock and sounds follow. */
  function tell(event: RunEvent): void {
    const before = run.value;
    // Read once: the clock moves between two readings, and a run would end a hair before its end, as if stopped early.
    const at = clock.position;
    const here = now();
    const stood = before.state === 'paused' ? here - stoodSince : 0;
    stoodSince = here;
    const after = runAfter(before, event, { at, stood });
    run.value = after;
    const moved = ['skip', 'back', 'again', 'leave out'].includes(event.kind);
    if (moved) clock.seek(after.position);
    if (moved || event.kind === 'stop' || before.segments !== after.segments) player?.callOff();
    if (before.state !== after.state) follow(after.state);
    if (after.state === 'running') player?.ahead(sounds.value, moved ? after.position : at);
  }

  function follow(changed: RunState): void {
    if (changed === 'running') return clock.run();
    clock.pause();
    // What is heard at the very end was handed over already, and sounds out.
    if (changed === 'paused') player?.callOff();
  }

  const look = (): void => {
    if (state.value === 'running') tell({ kind: 'look' });
  };
  useRafFn(look);
  // A hidden page has no frames; a timer keeps the sounds handed over and the record true.
  useIntervalFn(look, 1000);

  /** Goes on with a run that was kept: what it has booked stays, and the clock runs from where it stands. */
  async function takeUp(kept: StageRun, began: Date): Promise<void> {
    await wakeAudio();
    startedAt.value = began;
    run.value = kept;
    clock.seek(kept.position);
    stoodSince = now();
    tell({ kind: 'go on' });
  }

  /** Shows the end of a run again that had not been logged. */
  function showEnd(kept: StageRun, began: Date): void {
    startedAt.value = began;
    run.value = kept;
  }

  let starting = false;
  async function start(): Promise<void> {
    // A second press while the sound wakes up would open a second way out for it.
    if (state.value !== 'waiting' || starting) return;
    starting = true;
    await wakeAudio();
    startedAt.value = new Date();
    tell({ kind: 'start' });
  }

  /** Browsers let audio run only once somebody has touched the page; without it the run goes on in silence. */
  async function wakeAudio(): Promise<void> {
    try {
      audio = new AudioContext();
      await Promise.race([audio.resume(), new Promise((resolve) => setTimeout(resolve, 300))]);
      const context = audio;
      await speech.ready(context);
      player = new SoundPlayer(synthesiser(context, (words) => speech.bufferOf(context, words)));
      player.muted = muted.value;
    } catch {
      audio = undefined;
    }
  }

  /** Clips that came while it runs: they are made playable, and said from then on. */
  async function takeClips(): Promise<void> {
    if (!audio) return;
    await speech.ready(audio);
    player?.callOff();
  }

  function mute(): void {
    muted.value = !muted.value;
    if (player) player.muted = muted.value;
  }

  onScopeDispose(() => {
    player?.callOff();
    void audio?.close();
  });

  return {
    segments,
    position,
    state,
    record,
    muted,
    startedAt,
    moment,
    next,
    total,
    look,
    start,
    takeUp,
    showEnd,
    /** As it stands, to be kept. */
    run: run as Readonly<ShallowRef<StageRun>>,
    pause: () => tell({ kind: 'pause' }),
    goOn: () => tell({ kind: 'go on' }),
    skip: () => tell({ kind: 'skip' }),
    back: () => tell({ kind: 'back' }),
    /** The drill of the moment from its beginning. */
    again: () => tell({ kind: 'again' }),
    /** No more of the drill of the moment, in later rounds either. */
    leaveOut: () => tell({ kind: 'leave out' }),
    tenMore: () => tell({ kind: 'ten more' }),
    /** Goes on otherwise: what has been stays, and what is still to come is what these say. The clock runs on. */
    goOnWith: (segments: readonly Segment[]) => tell({ kind: 'go on with', segments }),
    mute,
    takeClips,
    /** Notes something by a tap, at the second it is made. */
    mark: (mark: MarkKind) => tell({ kind: 'mark', mark }),
    stopEarly: () => tell({ kind: 'stop' }),
  };
}

/** A run with its clock and its sounds. */
export type StageConductor = ReturnType<typeof useStageRun>;
