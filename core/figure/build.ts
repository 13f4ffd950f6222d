/**
 * How thick a body is: radii of the balls at its joints and where they lie, in statures. Breadths of shoulders, hips, head,
 * hands and feet, and depth of the chest: Pheasant, Bodyspace, adults of 19 to 65. Girths of arm, forearm, wrist, thigh,
 * knee, calf, ankle and neck, divided by 2π: Gordon et al., 1988 Anthropometric Survey of U.S. Army Personnel. From memory.
 */
export interface Build {
  readonly shoulder: number;
  readonly elbow: number;
  readonly wrist: number;
  readonly palm: number;
  readonly fingertip: number;
  readonly thigh: number;
  readonly knee: number;
  readonly calf: number;
  readonly ankle: number;
  readonly heel: number;
  readonly toe: number;
  /** Half the breadth of a foot, as far as its balls lie apart. */
  readonly footHalf: number;
  readonly neck: number;
  readonly chest: number;
  /** How far the balls of the chest and of the waist lie from the middle. */
  readonly chestHalf: number;
  readonly waist: number;
  readonly waistHalf: number;
  readonly hip: number;
  readonly seat: number;
}

const SLIM: Build = {
  shoulder: 0.033,
  elbow: 0.023,
  wrist: 0.0155,
  palm: 0.017,
  fingertip: 0.009,
  thigh: 0.047,
  knee: 0.032,
  calf: 0.031,
  ankle: 0.0185,
  heel: 0.019,
  toe: 0.012,
  footHalf: 0.014,
  neck: 0.031,
  chest: 0.055,
  chestHalf: 0.044,
  waist: 0.05,
  waistHalf: 0.026,
  hip: 0.052,
  seat: 0.05,
};

const FULL: Build = {
  shoulder: 0.038,
  elbow: 0.028,
  wrist: 0.0175,
  palm: 0.019,
  fingertip: 0.01,
  thigh: 0.057,
  knee: 0.038,
  calf: 0.037,
  ankle: 0.0215,
  heel: 0.021,
  toe: 0.013,
  footHalf: 0.016,
  neck: 0.035,
  chest: 0.062,
  chestHalf: 0.054,
  waist: 0.064,
  waistHalf: 0.044,
  hip: 0.06,
  seat: 0.058,
};

/** Two bodies, neither of them a caricature. */
export const BUILDS = { slim: SLIM, full: FULL } as const;
export type BuildName = keyof typeof BUILDS;

/** Drills are shown by one body or the other, about half by each, and a drill always by the same. */
export function buildFor(id: string): BuildName {
  let sum = 0;
  for (const letter of id) sum += letter.codePointAt(0) ?? 0;
  return sum % 2 === 0 ? 'slim' : 'full';
}
