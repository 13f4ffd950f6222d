import type { Sound, SoundKind } from '@prompt-spark/core/prompts/sounds';
import type { Seconds } from '@prompt-spark/core/units';

/** How a sound is made: notes, each with its pitch (Hz), beginning and length (s). */
const NOTES: Readonly<Record<SoundKind, readonly (readonly [hertz: number, at: Seconds, lasts: Seconds])[]>> = {
  count: [[660, 0, 0.09]],
  go: [[990, 0, 0.32]],
  switch: [
    [740, 0, 0.12],
    [990, 0.16, 0.16],
  ],
  rest: [[495, 0, 0.3]],
  end: [
    [660, 0, 0.16],
    [825, 0.2, 0.16],
    [990, 0.4, 0.5],
  ],
};

/** Sounds are handed to the audio clock this far ahead, so that a page that is slow or hidden still sounds on time. */
const AHEAD_SECONDS: Seconds = 90;

/** Makes the sounds of a circuit with Web Audio, on the audio clock. Nothing is downloaded. */
export class SoundPlayer {
  private readonly out: GainNode;
  private pending: { readonly at: Seconds; readonly nodes: readonly OscillatorNode[] }[] = [];
  private handedUntil: Seconds = -1;

  constructor(private readonly context: AudioContext) {
    this.out = context.createGain();
    this.out.connect(context.destination);
  }

  set muted(muted: boolean) {
    this.out.gain.value = muted ? 0 : 1;
  }

  /** Hands over the sounds due soon after a position of the circuit. To be called again and again while it runs. */
  ahead(sounds: readonly Sound[], position: Seconds): void {
    const from = Math.max(position - 0.05, this.handedUntil);
    const until = position + AHEAD_SECONDS;
    for (const sound of sounds) {
      if (sound.at <= from || sound.at > until) continue;
      this.pending.push({ at: sound.at, nodes: this.play(sound.kind, this.context.currentTime + sound.at - position) });
    }
    this.handedUntil = until;
    this.pending = this.pending.filter(({ at }) => at > position - 2);
  }

  /** Calls off everything that is handed over, as for a pause or a jump. */
  callOff(): void {
    for (const { nodes } of this.pending) for (const node of nodes) node.stop();
    this.pending = [];
    this.handedUntil = -1;
  }

  private play(kind: SoundKind, when: Seconds): readonly OscillatorNode[] {
    return NOTES[kind].map(([hertz, at, lasts]) => {
      const start = Math.max(this.context.currentTime, when + at);
      const note = this.context.createOscillator();
      const swell = this.context.createGain();
      note.type = 'triangle';
      note.frequency.value = hertz;
      swell.gain.setValueAtTime(0, start);
      swell.gain.linearRampToValueAtTime(0.55, start + 0.012);
      swell.gain.exponentialRampToValueAtTime(0.001, start + lasts);
      note.connect(swell).connect(this.out);
      note.start(start);
      note.stop(start + lasts + 0.02);
      return note;
    });
  }
}
