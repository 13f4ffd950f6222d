import { describe, expect, it } from 'vitest';
import { catalogue } from './index.ts';
import { slotsOf, type Slot } from '@prompt-spark/core/circuit/circuit';
import { libraryOf } from '@prompt-spark/core/drills/library';
import { metabolicEquivalent, mph } from '@prompt-spark/core/drills/metabolicEquations';
import { drillIn } from '@prompt-spark/core/drills/onRung';
import { readWhiteboard } from '@prompt-spark/core/whiteboard/readWhiteboard';

const library = libraryOf(catalogue);
function done(line: string) {
  const [slot] = readWhiteboard(line, library).circuit.blocks.flatMap(slotsOf) as readonly Slot[];
  const drill = slot && drillIn(slot, library);
  if (!drill) throw new Error(`"${line}" was not read.`);
  return drill;
}

describe('effort that is written', () => {
  it('makes a jog at 6 m/s far harder than one at 2 m/s, by the metabolic equations (ACSM)', () => {
    const [slow, fast] = [done('easy jog 100m @2m/s'), done('easy jog 100m @6m/s')];
    expect(slow).toBe(library.byId.get('easy-jog'));
    expect(fast.energy.met / slow.energy.met).toBeCloseTo(
      metabolicEquivalent('running', 360) / metabolicEquivalent('running', 120),
      2,
    );
    expect(fast.effort).toBeGreaterThan(slow.effort + 2);
  });

  it('takes a ramp at its efforts', () => {
    expect(done('bike, easy ramp effort 3>6 4x60s').effort).toBe(6);
    expect(done('bike 5 min @ effort 8').energy.met).toBeGreaterThan(done('bike 5 min @ effort 3').energy.met);
  });

  it('takes a ramp of a treadmill at its speeds and slope', () => {
    const speeds = [0.5, 1, 1.5, 2, 2.5].map((speed) => metabolicEquivalent('walking', mph(speed), 0.1));
    const mean = speeds.reduce((sum, met) => sum + met, 0) / speeds.length;
    expect(done('treadmill walk ramp 0.5>2.5 mph at 10% 5x60s').energy.met).toBeCloseTo(mean, 1);
  });

  it('takes a slope that grows steeper, each step as long as it is', () => {
    const costs = [1, 3, 5].map((grade) => metabolicEquivalent('walking', mph(3), grade / 100));
    const [first = 0, second = 0, third = 0] = costs;
    const mean = (60 * first + 60 * second + 120 * third) / 240;
    expect(done('incline walk ladder ramp 3 mph at 1>5% 60/60/120s').energy.met).toBeCloseTo(mean, 1);
  });

  it('takes shares of a sprint: half pace costs less than whole', () => {
    expect(done('graded sprints 20m x3 50%').energy.met).toBeLessThan(done('graded sprints 20m x3 100%').energy.met);
  });

  it('leaves every other dose as the drill is, and makes one object for one dose', () => {
    expect(done('easy jog 60s')).toBe(library.byId.get('easy-jog'));
    const [slot] = readWhiteboard('easy jog 100m @5m/s', library).circuit.blocks.flatMap(slotsOf);
    expect(slot && drillIn(slot, library)).toBe(slot && drillIn(slot, library));
  });
});
