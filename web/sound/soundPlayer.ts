import type { Seconds } from '@prompt-spark/core/units';
import type { Heard } from './heard.ts';
import type { Instrument } from './instrument.ts';

/** Sounds are handed to the instrument this far ahead, so that a page that is slow or hidden still sounds on time. */
const AHEAD_SECONDS: Seconds = 90;

/** How far the instrument's clock may part from the circuit before what is handed over is handed over anew. */
const AIM_SECONDS: Seconds = 0.1;

/** A sound that was due so short a time ago is made as if it were due now. */
const GRACE_SECONDS: Seconds = 0.05;

/** How late a sound may still be made. */
export const LATE_SECONDS: Seconds = 2;

/** Hands the sounds of a circuit to an instrument in time, and keeps them with the seconds shown. */
export class SoundPlayer {
  /** What the instrument's clock shows when the circuit is at its beginning, as it was when sounds were handed over. */
  private aim: Seconds | undefined;
  private pending: { readonly at: Seconds; readonly callOff: () => void }[] = [];
  private handedUntil: Seconds = -1;

  constructor(private readonly instrument: Instrument) {}

  set muted(muted: boolean) {
    this.instrument.setMuted(muted);
  }

  /** Hands over the sounds due soon after a position of the circuit. To be called again and again while it runs. */
  ahead(sounds: readonly Heard[], position: Seconds): void {
    const now = this.instrument.now();
    if (now === undefined) return;
    this.takeAim(sounds, position, now);
    const from = Math.max(position - GRACE_SECONDS, this.handedUntil);
    const until = position + AHEAD_SECONDS;
    for (const sound of sounds) {
      if (sound.at > from && sound.at <= until) this.hand(sound, now + sound.at - position);
    }
    this.handedUntil = until;
    this.pending = this.pending.filter(({ at }) => at > position - LATE_SECONDS);
  }

  /** Calls off everything that is handed over, as for a pause or a jump. */
  callOff(): void {
    for (const { callOff } of this.pending) callOff();
    this.pending = [];
    this.handedUntil = -1;
    this.aim = undefined;
  }

  /**
   * Where the instrument's clock has lost time, everything handed over would sound late: it is called off, to be
   * handed over anew. Of what should have sounded meanwhile, the last tone (not a count, nor words) is sounded now:
   * a change of side told late is better than one not told.
   */
  private takeAim(sounds: readonly Heard[], position: Seconds, now: Seconds): void {
    const aim = now - position;
    const lost = (this.aim ?? aim) - aim;
    if (Math.abs(lost) > AIM_SECONDS) {
      this.callOff();
      const since = position - Math.min(lost, LATE_SECONDS);
      const missed = sounds.filter(
        ({ kind, at }) => kind !== 'count' && kind !== 'speech' && at > since && at <= position - GRACE_SECONDS,
      );
      const last = missed.at(-1);
      if (last) this.hand(last, now);
    }
    this.aim ??= aim;
  }

  private hand(sound: Heard, when: Seconds): void {
    this.pending.push({ at: sound.at, callOff: this.instrument.play(sound, when) });
  }
}
