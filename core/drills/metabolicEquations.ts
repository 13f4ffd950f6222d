import { METRES_PER_MILE, type MetresPerMinute } from '../units.ts';

/** How somebody gets along on their feet: the two differ in what level ground and a rise cost. */
export type Gait = 'walking' | 'running';

/** Oxygen taken up at rest, mL/kg/min: one MET. */
export const OXYGEN_AT_REST = 3.5;

/** Cost of a metre along and of a metre up, mL/kg (American College of Sports Medicine metabolic equations). */
const COST: Readonly<Record<Gait, { readonly along: number; readonly up: number }>> = {
  walking: { along: 0.1, up: 1.8 },
  running: { along: 0.2, up: 0.9 },
};

/**
 * Oxygen uptake at a steady speed, in mL/kg/min (ACSM's Guidelines for Exercise Testing and Prescription).
 *
 * @param speed metres a minute; the walking equation is meant for 50–100, the running one from 134
 * @param grade rise over run as a fraction: 0.1 is 10 %
 */
export function oxygenUptake(gait: Gait, speed: MetresPerMinute, grade = 0): number {
  const { along, up } = COST[gait];
  return along * speed + up * speed * grade + OXYGEN_AT_REST;
}

/** Energy cost at a steady speed as a multiple of rest. */
export function metabolicEquivalent(gait: Gait, speed: MetresPerMinute, grade = 0): number {
  return oxygenUptake(gait, speed, grade) / OXYGEN_AT_REST;
}

/** Miles an hour as metres a minute: 1 mph is 26.8224 m/min. */
export const mph = (miles: number): MetresPerMinute => (miles * METRES_PER_MILE) / 60;
