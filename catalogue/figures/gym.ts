import type { DrillFigure, Figures } from '@prompt-spark/core/figure/motion';
import { armFigures } from './arms.ts';
import { hipFigures } from './hips.ts';
import { jumpFigures } from './jumps.ts';
import { lungeFigures } from './lunges.ts';
import { patternFigures } from './patterns.ts';
import { pullFigures } from './pulls.ts';
import { pulseFigures } from './pulse.ts';
import { runningFigures } from './running.ts';
import { spineFigures } from './spine.ts';
import { circleFigures } from './circles.ts';
import { stepFigures } from './steps.ts';
import { stretchFigures } from './stretches.ts';
import { trunkFigures } from './trunk.ts';

/** The figure of a drill that moves much alike: as that drill is drawn, or one of its rungs, with those rungs that both have. */
function like(figures: Figures, drill: string, rung?: string, rungs: readonly string[] = []): DrillFigure {
  const figure = figures[drill];
  const base = rung === undefined ? figure?.base : figure?.rungs[rung];
  if (!base) throw new Error(`There is no figure of ${drill}${rung === undefined ? '' : `, ${rung}`}.`);
  const alike = Object.entries(figure?.rungs ?? {}).filter(([id]) => rungs.includes(id));
  return { base, rungs: Object.fromEntries(alike) };
}

/** Drills that are drawn as others that move much alike. */
export const gymFigures: Figures = {
  'b-skip': like(runningFigures, 'a-skip'),
  'box-step': like(pulseFigures, 'march-on-the-spot'),
  'heel-digs': like(pulseFigures, 'march-on-the-spot'),
  'happy-baby': like(stretchFigures, 'supine-figure-four'),
  'seated-twist': like(spineFigures, '90-90-lean-and-turn'),
  'hurdler-stretch': like(stretchFigures, 'straddle-reach'),
  'elephant-walk': like(stretchFigures, 'forward-fold-soft-knees', undefined, ['hands-on-a-chair-seat']),
  'crab-walk': like(hipFigures, 'bridge-with-reach', 'from-sitting-hand-behind'),
  'sit-up': like(spineFigures, 'breathing-crunch'),
  'bicycle-crunch': like(trunkFigures, 'dead-bug'),
  'flutter-kick': like(trunkFigures, 'hollow-hold'),
  'pelvic-tilt': like(hipFigures, 'glute-bridge', 'smaller-range'),
  'plank-up-down': like(trunkFigures, 'plank-shoulder-tap'),
  'hip-escape': like(spineFigures, 'side-to-side-knee-drops'),
  'side-throw-to-a-wall': like(patternFigures, 'wood-chop-reach'),
  'wall-ball': like(patternFigures, 'squat-and-press'),
  'drop-jump': like(jumpFigures, 'forward-jump-and-stick'),
  'dead-hang': like(armFigures, 'overhead-arm-raise'),
  'scapular-pull': like(armFigures, 'overhead-arm-raise'),
  'pull-up': like(armFigures, 'overhead-arm-raise'),
  'inverted-row': like(pullFigures, 'band-row-bent-over'),
  'warrior-lunge': like(lungeFigures, 'split-squat'),
  'heel-to-toe-walk': like(stepFigures, 'toe-walk'),
  'foot-doming': like(circleFigures, 'heel-toe-rock'),
  'standing-leg-circle': like(hipFigures, 'standing-hip-abduction'),
  'hip-circle-on-all-fours': like(hipFigures, 'fire-hydrant', undefined, ['smaller', 'on-the-forearms']),
  'side-plank-top-foot-on-a-bench': like(trunkFigures, 'side-plank', 'top-leg-lifted'),
  'lying-groin-squeeze': like(hipFigures, 'glute-bridge', 'smaller-range'),
  'prone-y-t-and-w-raises': like(trunkFigures, 'prone-arm-and-leg-lift'),
  'wrist-rocks-on-all-fours': like(spineFigures, 'quadruped-rocking'),
  'bent-over-row-with-a-weight': like(pullFigures, 'band-row-bent-over'),
  'overhead-press-light': like(armFigures, 'overhead-arm-raise'),
  'ankle-dribbles': like(pulseFigures, 'run-on-the-spot'),
  'straight-leg-run': like(stepFigures, 'straight-leg-march'),
  'backward-skip': like(runningFigures, 'basic-skip'),
  'front-kick': like(stepFigures, 'leg-swing-to-hand'),
  'roundhouse-kick': like(stepFigures, 'leg-swing-side-to-side'),
  'knee-strikes': like(jumpFigures, 'power-knee-drive'),
};
