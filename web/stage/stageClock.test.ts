import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { monotonicSource, SLIP_SECONDS } from './monotonicSource.ts';
import { StageClock } from './stageClock.ts';

/** A world whose time the test moves, with an audio clock that runs or not. */
class World {
  time = 0;
  audioOn = true;
  private audioOffset = 0;
  private stoppedAt: number | undefined;

  get audio(): number | undefined {
    return this.audioOn ? (this.stoppedAt ?? this.time) - this.audioOffset : undefined;
  }

  stall(): void {
    this.stoppedAt = this.time;
  }

  /** The machine is too busy to make sound for a while: the audio clock loses that time and then goes on. */
  starve(seconds: number): void {
    this.time += seconds;
    this.audioOffset += seconds;
  }

  source(): () => number {
    return monotonicSource({ audioNow: () => this.audio, pageNow: () => this.time });
  }
}

const FRAME = 1 / 60;

describe('the Stage’s clock', () => {
  it('does not drift over ten minutes however irregularly it is looked at', () => {
    fc.assert(
      fc.property(
        fc.array(fc.double({ min: 0.004, max: 3, noNaN: true }), { minLength: 20, maxLength: 60 }),
        (gaps) => {
          const world = new World();
          const clock = new StageClock(world.source());
          clock.run();
          for (let turn = 0; world.time < 600; turn += 1) {
            world.time += gaps[turn % gaps.length] ?? FRAME;
            expect(Math.abs(clock.position - world.time)).toBeLessThan(FRAME / 100);
          }
        },
      ),
      { numRuns: 50 },
    );
  });

  it('stands still while paused and goes on from there', () => {
    const world = new World();
    const clock = new StageClock(world.source());
    clock.run();
    world.time = 5;
    clock.pause();
    world.time = 65;
    expect(clock.position).toBeCloseTo(5);
    clock.run();
    world.time = 70;
    expect(clock.position).toBeCloseTo(10);
  });

  it('jumps where it is told, running or not, and never before the start', () => {
    const world = new World();
    const clock = new StageClock(world.source());
    clock.seek(20);
    expect(clock.position).toBe(20);
    clock.run();
    world.time = 1;
    clock.seek(100);
    world.time = 3;
    expect(clock.position).toBeCloseTo(102);
    clock.seek(-5);
    expect(clock.position).toBe(0);
  });
});

describe('its source', () => {
  it('makes no jump when audio starts or stops', () => {
    const world = new World();
    world.audioOn = false;
    const now = world.source();
    world.time = 3;
    expect(now()).toBeCloseTo(3);
    world.audioOn = true;
    world.time = 4;
    expect(now()).toBeCloseTo(4);
    world.audioOn = false;
    world.time = 6;
    expect(now()).toBeCloseTo(6);
  });

  it('goes on by the page’s clock when the audio clock stalls, without losing the time it stood', () => {
    const world = new World();
    const now = world.source();
    world.time = 2;
    expect(now()).toBeCloseTo(2);
    world.stall();
    for (let frame = 0; frame < 600; frame += 1) {
      world.time += FRAME;
      now();
    }
    expect(Math.abs(now() - 12)).toBeLessThanOrEqual(SLIP_SECONDS + FRAME);
  });

  it('is never further behind than a quarter of a second, however often the audio clock loses time', () => {
    fc.assert(
      fc.property(
        fc.array(
          fc.record({
            goesOn: fc.double({ min: 0, max: 2, noNaN: true }),
            loses: fc.double({ min: 0, max: 1, noNaN: true }),
          }),
          { minLength: 1, maxLength: 60 },
        ),
        (spells) => {
          const world = new World();
          const now = world.source();
          for (const { goesOn, loses } of spells) {
            world.time += goesOn;
            now();
            world.starve(loses);
            const behind = world.time - now();
            expect(behind).toBeGreaterThan(-1e-9);
            expect(behind).toBeLessThanOrEqual(SLIP_SECONDS + 1e-9);
          }
        },
      ),
    );
  });

  it('leaves a small loss alone, so that sounds already handed to the audio clock stay with the seconds', () => {
    const world = new World();
    const now = world.source();
    world.time = 1;
    now();
    world.starve(0.2);
    world.time += 1;
    expect(now()).toBeCloseTo(2);
  });

  it('never runs backward', () => {
    fc.assert(
      fc.property(fc.array(fc.tuple(fc.double({ min: 0, max: 2, noNaN: true }), fc.boolean())), (steps) => {
        const world = new World();
        const now = world.source();
        let before = 0;
        for (const [gap, audioOn] of steps) {
          world.time += gap;
          world.audioOn = audioOn;
          const after = now();
          expect(after).toBeGreaterThanOrEqual(before);
          before = after;
        }
      }),
    );
  });
});
