import type { Slot } from '../circuit/circuit.ts';
import { countAt, secondsAt } from '../units.ts';
import type { Seconds } from '../units.ts';
import { rampGrades, rampSteps, type RampDose } from '../dose/ramp.ts';
import { liftSets, type LiftDose, type Plates } from '../dose/lift.ts';

/** A text as a sentence of its own. */
export function sentence(text: string): string {
  const plain = text.trim();
  const first = plain.charAt(0).toUpperCase() + plain.slice(1);
  return /[.!?]$/.test(first) ? first : `${first}.`;
}

/** A length of time as it is said: "40 seconds", "a minute and a half", "4 minutes". */
export function timeSaid(seconds: Seconds): string {
  const whole = Math.round(seconds);
  if (whole < 60) return whole === 1 ? '1 second' : `${String(whole)} seconds`;
  const minutes = Math.floor(whole / 60);
  const rest = whole % 60;
  if (rest === 0) return minutes === 1 ? '1 minute' : `${String(minutes)} minutes`;
  if (rest === 30) return minutes === 1 ? 'a minute and a half' : `${String(minutes)} and a half minutes`;
  return `${String(minutes)} minute${minutes === 1 ? '' : 's'} ${String(rest)}`;
}

/** How much of a slot is done, as it is called: "8, each side", "3 holds of 5 seconds"; empty where nobody counts. */
export function amountSaid({ dose, sides, sets }: Slot): string {
  const each = sides === 'each' ? ', each side' : '';
  const rounds = countAt(sets, 'plan') > 1 ? `, ${String(countAt(sets, 'plan'))} sets` : '';
  switch (dose.kind) {
    case 'time':
      return timeSaid(secondsAt(dose.seconds, 'plan')) + each + rounds;
    case 'reps': {
      const count = countAt(dose.count, 'plan');
      const turns = sides === 'alternate' ? ', side to side' : each;
      return `${String(count)} ${count === 1 ? 'time' : 'times'}${turns}${rounds}`;
    }
    case 'holds': {
      const count = countAt(dose.count, 'plan');
      return `${count === 1 ? 'one hold' : `${String(count)} holds`} of ${timeSaid(secondsAt(dose.hold, 'plan'))}${each}${rounds}`;
    }
    case 'distance': {
      const { length, lengths, percents } = dose;
      const count = countAt(lengths, 'plan');
      const one = length.of === 'lap' ? 'lap' : 'length';
      const far = `${String(count)} ${one}${count === 1 ? '' : 's'}`;
      return percents.length > 0 ? `${far}, at ${percents.join(', ')} percent` : far;
    }
    case 'feel':
      return 'as long as it feels good';
    case 'ramp':
    case 'lift':
      return '';
  }
}

const UNITS: Readonly<Record<string, string>> = {
  mph: 'miles an hour',
  'km/h': 'kilometres an hour',
  'm/s': 'metres a second',
  'min/km': 'minutes a kilometre',
  'min/mile': 'minutes a mile',
  kg: 'kilos',
  lb: 'pounds',
};
const unitSaid = (unit: string): string => UNITS[unit] ?? unit;

/** A step of a ramp as it begins: "3.5 miles an hour, 10 percent". */
export function stepSaid(dose: RampDose, step: number): string {
  const amount = String(Number((rampSteps(dose)[step] ?? dose.to).toFixed(1)));
  const grade = Number((rampGrades(dose)[step] ?? 0).toFixed(1));
  if (dose.unit === 'effort') return `effort ${amount}`;
  return `${amount} ${unitSaid(dose.unit)}${grade > 0 ? `, ${String(grade)} percent` : ''}`;
}

/** A set on the way up as it is called: "60 kilos, 5 times". */
export function liftSaid(dose: LiftDose, set: number, plates?: Plates): string {
  const sets = liftSets(dose, plates);
  const now = sets[(set - 1) % Math.max(1, sets.length)];
  if (!now) return '';
  return `${String(now.load)} ${unitSaid(dose.unit)}, ${String(now.reps)} ${now.reps === 1 ? 'time' : 'times'}`;
}

/** The first part of a cue, where it has two. */
export function shorter(text: string): string | undefined {
  const [first = '', ...rest] = text.split(/[,;:]\s/);
  return rest.length > 0 && first.trim() !== '' ? first : undefined;
}
