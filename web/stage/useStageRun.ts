import type { Segment } from '@prompt-spark/core';
import { soundsOf } from '@prompt-spark/core/prompts/sounds';
import { blankRecord, recordAlong, spend, spendBetween, type TurnRecord } from '@prompt-spark/core/session/runRecord';
import { momentAt, nextTurn, stretchSegment } from '@prompt-spark/core/timeline/moment';
import type { Seconds } from '@prompt-spark/core/units';
import { useIntervalFn, useRafFn } from '@vueuse/core';
import { computed, onScopeDispose, ref, shallowRef } from 'vue';
import { synthesiser } from './instrument.ts';
import { monotonicSource } from './monotonicSource.ts';
import { SoundPlayer } from './soundPlayer.ts';
import { StageClock } from './stageClock.ts';

/** How long into a stretch "back" still goes to the one before, rather than to the beginning of this one. */
const BACK_GRACE: Seconds = 2;
export const TEN_MORE: Seconds = 10;

export type StageState = 'waiting' | 'running' | 'paused' | 'ended';

/** A circuit being run: where it stands, what the coach can do to it, and what every slot took so far. */
export function useStageRun(planned: readonly Segment[]) {
  const segments = shallowRef(planned);
  const position = ref<Seconds>(0);
  const state = ref<StageState>('waiting');
  const record = shallowRef<readonly TurnRecord[]>(blankRecord(planned));
  const muted = ref(false);
  const startedAt = ref<Date>();

  let audio: AudioContext | undefined;
  let player: SoundPlayer | undefined;
  const now = monotonicSource({
    audioNow: () => (audio?.state === 'running' ? audio.currentTime : undefined),
    pageNow: () => performance.now() / 1000,
  });
  const clock = new StageClock(now);
  let reckonedUntil: Seconds = 0;
  let pausedAt: Seconds = 0;

  const moment = computed(() => momentAt(segments.value, position.value));
  const next = computed(() => nextTurn(segments.value, moment.value?.index ?? 0));
  const total = computed(() => segments.value.at(-1)?.end ?? 0);
  const sounds = computed(() => soundsOf(segments.value));

  const isRunning = (): boolean => state.value === 'running';

  /** Looks at the clock: books what passed, and ends the run at its end. */
  function look(): void {
    if (!isRunning()) return;
    // Read once: the clock moves between two readings, and a run would end a hair before its end, as if stopped early.
    const at = clock.position;
    position.value = Math.min(at, total.value);
    record.value = spendBetween(record.value, segments.value, reckonedUntil, position.value);
    reckonedUntil = position.value;
    if (at >= total.value) return finish();
    player?.ahead(sounds.value, at);
  }

  useRafFn(look);
  // A hidden page has no frames; a timer keeps the sounds handed over and the record true.
  useIntervalFn(look, 1000);

  async function start(): Promise<void> {
    if (state.value !== 'waiting') return;
    await wakeAudio();
    startedAt.value = new Date();
    state.value = 'running';
    clock.run();
    look();
  }

  /** Browsers let audio run only once somebody has touched the page; without it the run goes on in silence. */
  async function wakeAudio(): Promise<void> {
    try {
      audio = new AudioContext();
      await Promise.race([audio.resume(), new Promise((resolve) => setTimeout(resolve, 300))]);
      player = new SoundPlayer(synthesiser(audio));
      player.muted = muted.value;
    } catch {
      audio = undefined;
    }
  }

  function pause(): void {
    if (!isRunning()) return;
    look();
    if (!isRunning()) return;
    clock.pause();
    player?.callOff();
    pausedAt = now();
    state.value = 'paused';
  }

  function goOn(): void {
    if (state.value !== 'paused') return;
    bookPause();
    state.value = 'running';
    clock.run();
    look();
  }

  function bookPause(): void {
    const at = moment.value?.segment;
    if (at) record.value = spend(record.value, at, now() - pausedAt, true);
    pausedAt = now();
  }

  function seek(to: Seconds): void {
    look();
    if (state.value === 'paused') bookPause();
    if (state.value === 'ended') return;
    player?.callOff();
    clock.seek(to);
    position.value = Math.min(to, total.value);
    reckonedUntil = position.value;
    if (to >= total.value) finish();
    else look();
  }

  function skip(): void {
    if (moment.value) seek(moment.value.segment.end);
  }

  function back(): void {
    const at = moment.value;
    if (!at) return;
    const before = at.into < BACK_GRACE ? segments.value[at.index - 1] : undefined;
    seek((before ?? at.segment).start);
  }

  function tenMore(): void {
    look();
    const at = moment.value;
    if (!at || state.value === 'ended') return;
    segments.value = stretchSegment(segments.value, at.index, TEN_MORE);
    player?.callOff();
    look();
  }

  /** Goes on otherwise: what has been stays, and what is still to come is what these say. The clock runs on. */
  function goOnWith(next: readonly Segment[]): void {
    look();
    if (state.value === 'ended') return;
    segments.value = next;
    record.value = recordAlong(record.value, next);
    player?.callOff();
    look();
  }

  function mute(): void {
    muted.value = !muted.value;
    if (player) player.muted = muted.value;
  }

  /** Ends the run where it stands. */
  function finish(): void {
    if (state.value === 'paused') bookPause();
    state.value = 'ended';
    clock.pause();
  }

  function stopEarly(): void {
    look();
    player?.callOff();
    finish();
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
    pause,
    goOn,
    skip,
    back,
    tenMore,
    goOnWith,
    mute,
    stopEarly,
  };
}

export type StageRun = ReturnType<typeof useStageRun>;
