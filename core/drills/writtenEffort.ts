import { metresPerSecond, type DistanceDose } from '../dose/distance.ts';
import type { Dose } from '../dose/dose.ts';
import { rampGrades, rampSeconds, rampSteps, type RampDose } from '../dose/ramp.ts';
import type { Effort, MetresPerMinute } from '../units.ts';
import type { Drill, EnergyCost } from './drill.ts';
import { estimatedEnergy } from './energy.ts';
import { metabolicEquivalent, type Gait } from './metabolicEquations.ts';
import { usualPace } from './usualPace.ts';

const made = new WeakMap<Dose, WeakMap<Drill, Drill>>();

/**
 * A drill as hard as a dose says: at the efforts of a ramp, at the speed and slope of a belt, at a pace or at shares of it.
 * As it is where the dose says nothing of how hard. One object for one dose and drill, however often it is asked for.
 */
export function atWrittenEffort(drill: Drill, dose: Dose): Drill {
  if (dose.kind !== 'ramp' && dose.kind !== 'distance') return drill;
  const byDrill = made.get(dose) ?? new WeakMap<Drill, Drill>();
  made.set(dose, byDrill);
  const known = byDrill.get(drill);
  if (known) return known;
  const stood = dose.kind === 'ramp' ? onRamp(drill, dose) : atPace(drill, dose);
  byDrill.set(drill, stood);
  return stood;
}

function onRamp(drill: Drill, dose: RampDose): Drill {
  const steps = rampSteps(dose);
  const seconds = rampSeconds(dose, 'plan');
  if (dose.unit === 'effort') {
    const mets = steps.map((effort) => estimatedEnergy(effort).met);
    return { ...drill, effort: Math.max(...steps), energy: { kind: 'estimate', met: meanOf(mets, seconds) } };
  }
  const { unit } = dose;
  const grades = rampGrades(dose);
  const speeds = steps.map((amount) => metresPerSecond({ amount, unit }) * 60);
  const mets = speeds.map((speed, at) => metabolicEquivalent(gaitAt(speed, drill), speed, (grades[at] ?? 0) / 100));
  return asHardAs(drill, meanOf(mets, seconds), Math.max(...mets));
}

/** What a pace costs, beside what the drill costs at its usual one: it is as much harder as the equation says. */
function atPace(drill: Drill, { pace, percents, step }: DistanceDose): Drill {
  const usual = metresPerSecond(usualPace(drill)) * 60;
  const written = metresPerSecond(pace) * 60;
  // Where steps are counted, they say how fast it goes, and it is as hard as the drill is.
  if (drill.pace === undefined || step || (written === usual && percents.length === 0)) return drill;
  const shares = percents.length > 0 ? percents.map((percent) => percent / 100) : [1];
  // Shares of a sprint are what it is in the plan anyway: only what differs from the usual pace is harder or easier.
  const mets = shares.map((share) => {
    const speed = written * share;
    const alike = metabolicEquivalent(gaitAt(speed, drill), speed) / metabolicEquivalent(gaitAt(usual, drill), usual);
    return drill.energy.met * alike;
  });
  return asHardAs(drill, meanOf(mets), Math.max(...mets));
}

/** From here on people run rather than walk. The ACSM's equations part at 134 m/min; from memory. */
const RUNS_FROM: MetresPerMinute = 134;

function gaitAt(speed: MetresPerMinute, { targets, energy }: Drill): Gait {
  if (speed >= RUNS_FROM) return 'running';
  const runs = energy.kind === 'equation' ? energy.gait === 'running' : (targets['pattern · run'] ?? 0) > 0;
  return runs ? 'running' : 'walking';
}

/** The mean to two decimals, of each value as long as it lasts; all alike where that is not said. */
function meanOf(values: readonly number[], weights: readonly number[] = values.map(() => 1)): number {
  const total = weights.reduce((sum, weight) => sum + weight, 0);
  const sum = values.reduce((before, value, at) => before + value * (weights[at] ?? 0), 0);
  return Math.round((sum / Math.max(1e-9, total)) * 100) / 100;
}

/** A drill that costs this on average, and this at its hardest; its effort moves as far as the cost does. */
function asHardAs(drill: Drill, met: number, hardest: number): Drill {
  const moved = drill.effort + effortFor(hardest) - effortFor(drill.energy.met);
  const effort = Math.round(Math.min(10, Math.max(1, moved)) * 2) / 2;
  const energy: EnergyCost = { kind: 'estimate', met };
  return { ...drill, effort, energy };
}

/** The effort at which people work who spend this: `estimatedEnergy` the other way round. */
function effortFor(met: number): Effort {
  const over = Math.max(0, met - 1.2);
  return (-0.25 + Math.sqrt(0.0625 + 0.34 * over)) / 0.17;
}
