import type { Sound } from '@prompt-spark/core/prompts/sounds';
import fc from 'fast-check';
import { beforeEach, describe, expect, it } from 'vitest';
import type { Heard } from './heard.ts';
import type { Instrument } from './instrument.ts';
import { LATE_SECONDS, SoundPlayer } from './soundPlayer.ts';

/** An instrument that writes down what it was asked to play; the test moves its clock and the circuit. */
class Score implements Instrument {
  clock = 100;
  position = 0;
  running = true;
  muted = false;
  readonly heard: { kind: Heard['kind']; circuitAt: number }[] = [];
  private waiting: { kind: Heard['kind']; when: number }[] = [];

  now = () => (this.running ? this.clock : undefined);
  play = ({ kind }: Heard, when: number) => {
    const note = { kind, when };
    this.waiting.push(note);
    return () => {
      this.waiting = this.waiting.filter((other) => other !== note);
    };
  };
  setMuted = (muted: boolean) => {
    this.muted = muted;
  };

  /** Lets time pass; what comes due is heard. An instrument that makes no sound loses the time. */
  pass(seconds: number, makesSound = true): void {
    for (let frame = 0; frame < Math.round(seconds * 100); frame += 1) {
      this.position += 0.01;
      if (!makesSound || !this.running) continue;
      this.clock += 0.01;
      const due = this.waiting.filter(({ when }) => when <= this.clock + 1e-9);
      this.waiting = this.waiting.filter((note) => !due.includes(note));
      this.heard.push(...due.map(({ kind }) => ({ kind, circuitAt: this.position })));
    }
  }
}

const sounds: readonly Sound[] = [
  { at: 1, kind: 'count' },
  { at: 4, kind: 'go' },
  { at: 20, kind: 'switch' },
  { at: 23, kind: 'go' },
  { at: 40, kind: 'end' },
];

let score: Score;
let player: SoundPlayer;
beforeEach(() => {
  score = new Score();
  player = new SoundPlayer(score);
});

/** Goes to a position, looking every so often as the Stage does. */
const goTo = (position: number, makesSound = true) => {
  while (score.position < position - 1e-9) {
    player.ahead(sounds, score.position);
    score.pass(Math.min(0.1, position - score.position), makesSound);
  }
  player.ahead(sounds, score.position);
  score.pass(0.01);
};
const heard = () => score.heard.map(({ kind, circuitAt }) => `${kind} ${String(Math.round(circuitAt))}`);

describe('the sounds of a run', () => {
  it('are each made once and when they are due', () => {
    goTo(45);
    expect(heard()).toEqual(['count 1', 'go 4', 'switch 20', 'go 23', 'end 40']);
  });

  it('are made in a page that is not looked at for a minute', () => {
    player.ahead(sounds, 0);
    score.pass(60);
    expect(heard()).toEqual(['count 1', 'go 4', 'switch 20', 'go 23', 'end 40']);
  });

  it('are called off by a pause, and taken up where it ended', () => {
    goTo(10);
    player.callOff();
    const stood = score.position;
    score.pass(30);
    score.position = stood;
    goTo(25);
    expect(heard()).toEqual(['count 1', 'go 4', 'switch 20', 'go 23']);
  });

  it('stay with the seconds where the audio clock lost time', () => {
    goTo(10);
    goTo(13, false);
    goTo(45);
    expect(heard()).toEqual(['count 1', 'go 4', 'switch 20', 'go 23', 'end 40']);
  });

  it('tell a change of side late rather than not at all, and no count', () => {
    goTo(0.5);
    goTo(2, false);
    goTo(19);
    expect(heard()).toEqual(['go 4']);
    player.ahead(sounds, score.position);
    score.pass(1.5, false);
    goTo(22);
    expect(heard()).toEqual(['go 4', 'switch 21']);
  });

  it('begin in the middle where the page was let sound only then, without what is long past', () => {
    score.running = false;
    goTo(10);
    score.running = true;
    goTo(25);
    expect(heard()).toEqual(['switch 20', 'go 23']);
  });

  it('are silent when asked', () => {
    player.muted = true;
    expect(score.muted).toBe(true);
  });

  it('are never made twice, and never more than a moment late, however the audio clock loses time', () => {
    fc.assert(
      fc.property(fc.array(fc.tuple(fc.nat(60), fc.boolean()), { maxLength: 20 }), (spells) => {
        score = new Score();
        player = new SoundPlayer(score);
        for (const [tenths, makesSound] of spells) goTo(score.position + tenths / 10, makesSound);
        goTo(score.position + 1);
        const known = score.heard.map(({ kind, circuitAt }) => {
          const due = sounds.filter((sound) => sound.kind === kind && sound.at <= circuitAt + 0.02).at(-1);
          expect(circuitAt - (due?.at ?? -Infinity)).toBeLessThan(LATE_SECONDS + 0.2);
          return due;
        });
        expect(new Set(known).size).toBe(known.length);
      }),
    );
  });
});
