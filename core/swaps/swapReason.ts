import type { Change } from '../drills/drill.ts';
import type { Kit } from '../drills/kit.ts';
import type { Posture } from '../drills/posture.ts';
import type { Target } from '../drills/target.ts';
import type { Seconds } from '../units.ts';

/** What speaks for a swap, or what it changes: codes, which the screen puts into words. */
export type SwapReason =
  /** An easier or a harder version of the drill itself, and what of it changes. */
  | { readonly kind: 'version'; readonly harder: boolean; readonly changes: readonly Change[] }
  /** It is for something else than what was planned. */
  | { readonly kind: 'other target'; readonly now: Target; readonly planned: Target }
  | { readonly kind: 'same target'; readonly target: Target }
  | { readonly kind: 'much the same' }
  | { readonly kind: 'posture'; readonly now: Posture; readonly planned: Posture }
  /** What it needs beside what is out for the planned drill. */
  | { readonly kind: 'needs'; readonly kit: readonly Kit[] }
  | { readonly kind: 'known well' }
  | { readonly kind: 'keeps the time'; readonly seconds: Seconds }
  | { readonly kind: 'in the circuit' }
  /** Nothing that serves the same purpose fits. */
  | { readonly kind: 'nothing like it' }
  | { readonly kind: 'breathing' }
  /** Something tolerated that the circuit has already, once more. */
  | { readonly kind: 'again' };
