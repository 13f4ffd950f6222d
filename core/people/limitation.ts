import type { Demand } from '../drills/demand.ts';

/** How much a limitation matters: keep an eye on it, move only as far as nothing hurts, do less of it, or leave it be. */
export const LIMIT_SEVERITIES = ['watch', 'pain-free', 'ease', 'avoid'] as const;
export type LimitSeverity = (typeof LIMIT_SEVERITIES)[number];
/** Those that cap something. Who stops short of pain does the drill that is planned, on that side as far as it goes. */
export type CappingSeverity = Exclude<LimitSeverity, 'pain-free'>;

/** Everything that can be capped: what a drill asks of a body part, and how hard it is. */
export type Capped = Demand | 'effort';

/** The most that is asked of somebody, by what is asked. */
export type Caps = Readonly<Partial<Record<Capped, number>>>;

/** What a practitioner meets every day. No diagnosis: only what to avoid and what to watch. */
export interface Limitation {
  readonly id: string;
  readonly name: string;
  /** What it usually means for training, in a sentence. */
  readonly means: string;
  /** Whether it can be on one side. */
  readonly sided: boolean;
  readonly caps: Readonly<Record<CappingSeverity, Caps>>;
}

/** Something to go easy on, for one person: a limitation that is known, or a ceiling of their own. */
export type Limit =
  | {
      readonly kind: 'known';
      readonly limitationId: string;
      readonly severity: LimitSeverity;
      readonly side: LimitSide;
      /** The last day it counts, as YYYY-MM-DD; empty where it has no end. */
      readonly until: string;
    }
  | {
      readonly kind: 'own';
      readonly capped: Capped;
      readonly most: number;
      readonly side: LimitSide;
      readonly until: string;
    };

/** Where it is: on both sides (or in the middle), or on one. */
export type LimitSide = 'both' | 'left' | 'right';
