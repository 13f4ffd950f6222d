import type { Figures, Motion } from '@prompt-spark/core/figure/motion';
import type { Pose, ReachingArm } from '@prompt-spark/core/figure/pose';
import {
  arms,
  as,
  each,
  feet,
  figure,
  frame,
  hands,
  head,
  hips,
  holding,
  leftArm,
  leftFoot,
  leftHand,
  legs,
  rightArm,
  rightFoot,
  rightHand,
  rightLeg,
  round,
  shoulders,
  sideToSide,
  spine,
  there,
  tilt,
  type Parts,
} from './authoring.ts';
import { LOOSE } from './gaits.ts';
import { CHAIR, FOLDED, HINGE, ON_HIPS, SIT, STAND, wallAhead } from './postures.ts';

const close = { close: true } as const;
const bent = (elbow: number, turnedIn: number, wristBend = 0, spread = -1) =>
  arms(20, 6, elbow, turnedIn, { wristBend, spread });
const wristRing = (base: Pose): Motion =>
  round(
    [
      frame(base, bent(84, 10, 50)),
      frame(base, bent(84, 34)),
      frame(base, bent(84, 10, -50)),
      frame(base, bent(84, -22)),
    ],
    {
      natural: 1.6,
    },
  );
const forearmRing = (out: number): Motion =>
  round(
    [
      frame(STAND, arms(10, out, 60, 40, { spread: -1 })),
      frame(STAND, arms(10, out, 120, 60, { spread: -1 })),
      frame(STAND, arms(10, out, 120, 0, { spread: -1 })),
      frame(STAND, arms(10, out, 60, 0, { spread: -1 })),
    ],
    { natural: 1.6 },
  );
const shoulderRing = round([
  frame(STAND, shoulders(0, 22)),
  frame(STAND, shoulders(26, 8)),
  frame(STAND, shoulders(6, -26)),
  frame(STAND, shoulders(-10, 0)),
]);

/** Straight arms drawn round: up in front, over, and down behind, where they open to the side. */
function armRing(size: number, low: number, reach = 0.325): readonly Parts[] {
  return Array.from({ length: 8 }, (_, index) => {
    const angle = (index / 8) * 2 * Math.PI;
    const [ahead, up] = [Math.sin(angle) * size, -Math.cos(angle) * size - low];
    const behind = Math.max(0, -ahead);
    const out = Math.sqrt(Math.max(0.0004, reach * reach - ahead * ahead * (ahead < 0 ? 0.3 : 1) - up * up));
    const arm = (sign: 1 | -1): ReachingArm => ({
      kind: 'reaching',
      wrist: [ahead < 0 ? ahead * 0.55 : ahead, up, sign * (0.13 + Math.min(out, 0.12 + behind * 0.6))],
      elbowTo: [-1, -0.4, 0.5 * sign],
    });
    return { leftArm: arm(-1), rightArm: arm(1) };
  });
}
const ringed = (base: Pose, size: number, low: number, reach?: number): Motion =>
  round(
    armRing(size, low, reach).map((part) => frame(base, part)),
    { natural: 2 },
  );

const looking = (base: Pose, left: number) =>
  sideToSide(frame(base, head(0, 0, 0)), frame(base, head(0, 0, -left)), { natural: 4 });
const trunkRing = (lean: number, forward: number): Motion =>
  round(
    [
      frame(STAND, ON_HIPS, tilt(forward), hips(-0.04, 0.52)),
      frame(STAND, ON_HIPS, tilt(4, lean), hips(0, 0.52, -0.02)),
      frame(STAND, ON_HIPS, tilt(-lean * 0.6), hips(0.04, 0.52)),
      frame(STAND, ON_HIPS, tilt(4, -lean), hips(0, 0.52, 0.02)),
    ],
    { natural: 3 },
  );
const hipRing = (size: number, more: Parts = ON_HIPS): Motion =>
  round(
    [
      frame(STAND, feet(0, 0.14), more, hips(size, 0.5), tilt(-size * 130), spine(size * 60)),
      frame(STAND, feet(0, 0.14), more, hips(0, 0.5, size), tilt(0, -size * 150)),
      frame(STAND, feet(0, 0.14), more, hips(-size, 0.5), tilt(size * 190)),
      frame(STAND, feet(0, 0.14), more, hips(0, 0.5, -size), tilt(0, size * 150)),
    ],
    { natural: 3 },
  );
const kneesAt = (side: number, drop: number): Pose => {
  const foot = (sign: number): Pose['left'] => ({
    kind: 'planted',
    foot: [0, 0, 0.045 * sign],
    kneeTo: [1, 0, side + 0.05 * sign],
  });
  return frame(
    STAND,
    hips(-0.06, 0.5 - drop, side * 0.06),
    tilt(36),
    { left: foot(-1), right: foot(1) },
    holding('rightKnee', [0.01, 0.05, 0]),
  );
};
const kneeDip = (y: number, back: number): Motion =>
  there([
    frame(STAND, hips(-0.03, 0.505), tilt(22), holding('rightKnee', [0.01, 0.08, 0])),
    frame(STAND, hips(-back, y), tilt(34), holding('rightKnee', [0.01, 0.07, 0])),
  ]);
const anklePump = (base: Pose): Motion =>
  there([frame(base, rightLeg(78, 14, 18), legs(78, 14, 18)), frame(base, legs(78, 14, -46))], {
    props: [CHAIR],
    natural: 2,
  });
const heelToe = there(
  [
    frame(STAND, hips(-0.03, 0.6), tilt(4), feet(0, 0.09, 0, { heelUp: -22 })),
    frame(STAND, hips(0.03, 0.6), feet(0, 0.09, 0, { heelUp: 34 })),
  ],
  { natural: 3 },
);
const seatedHeelToe = there(
  [frame(SIT, feet(0.25, 0.09, 0, { heelUp: -24 })), frame(SIT, feet(0.25, 0.09, 0, { heelUp: 34 }))],
  { props: [CHAIR], natural: 2 },
);
const open = (spread: number) => arms(58, 10, 74, 0, { spread });
const toesUp = (x: number): Motion =>
  there(
    [
      frame(STAND, hips(-0.02, 0.529), tilt(-2), feet(x)),
      frame(STAND, hips(-0.02, 0.529), tilt(-2), feet(x, 0.09, 0, { heelUp: -30 })),
    ],
    { props: [wallAhead(-0.075)], natural: 2 },
  );
const kneeToWall = (x: number): Motion =>
  there(
    [
      frame(STAND, hips(x - 0.2, 0.48), rightFoot(x), leftFoot(x - 0.32, 0.1, 0, { heelUp: 10 }), hands(0.34, 0.72)),
      frame(
        STAND,
        hips(x - 0.08, 0.42),
        tilt(4),
        rightFoot(x),
        leftFoot(x - 0.32, 0.1, 0, { heelUp: 34 }),
        hands(0.34, 0.68),
      ),
    ],
    { props: [wallAhead(0.38)] },
  );
const bentOver = (turn: number, reach = 0): Motion =>
  sideToSide(
    frame(HINGE, arms(0, 76, 4)),
    frame(HINGE, hips(-0.1, 0.5), spine(8 + reach, 0, turn), arms(0, 88, 4), head(-6, 0, turn * 0.6)),
    { natural: 3 },
  );

export const circleFigures: Figures = {
  'wrist-circles': figure(as(wristRing(STAND), close), {
    'resting on the thighs, sitting': as(wristRing(SIT), { props: [CHAIR] }),
    'fingers laced': as(
      round([
        frame(STAND, hands(0.2, 0.66, 0.02), spine(0)),
        frame(STAND, hands(0.22, 0.7, 0.02), leftHand(0.22, 0.7, 0.0)),
        frame(STAND, hands(0.2, 0.74, 0.02)),
        frame(STAND, hands(0.18, 0.7, 0.02)),
      ]),
      close,
    ),
  }),
  'elbow-circles': figure(as(forearmRing(6), close), {
    'one arm at a time': as(each(forearmRing(6), leftArm(3, 8, 10)), close),
    'arms held out sideways': as(forearmRing(84), close),
  }),
  'shoulder-rolls': figure(as(shoulderRing, { ...close, view: 'three-quarter' }), {
    'one, then the other': as(
      round([
        frame(STAND, shoulders(0, 22)),
        frame(STAND, shoulders(26, 8), spine(0, -4, 10)),
        frame(STAND, shoulders(6, -26), spine(0, 0, 0)),
        frame(STAND, shoulders(20, 0), spine(0, 4, -10)),
      ]),
      { ...close, view: 'three-quarter' },
    ),
  }),
  'arm-circles': figure(as(ringed(STAND, 0.32, 0), { view: 'three-quarter' }), {
    'small, low, sitting': as(ringed(SIT, 0.16, 0.12), { props: [CHAIR], view: 'three-quarter' }),
    'bent elbows': as(ringed(STAND, 0.17, 0, 0.19), { view: 'three-quarter' }),
    'with a stick': there([frame(STAND, arms(20, 20, 4)), frame(STAND, arms(176, 20, 4))], { view: 'three-quarter' }),
  }),
  'neck-turns': figure(as(looking(STAND, 62), close), {
    sitting: as(looking(SIT, 62), { props: [CHAIR] }),
  }),
  'neck-nods': figure(as(there([frame(STAND, head(-4)), frame(STAND, head(42))]), close)),
  'neck-side-bends': figure(as(sideToSide(STAND, frame(STAND, head(0, 36))), close)),
  'neck-half-circles': figure(
    as(
      there(
        [
          frame(STAND, head(4, 34)),
          frame(STAND, head(30, 20)),
          frame(STAND, head(42)),
          frame(STAND, head(30, -20)),
          frame(STAND, head(4, -34)),
        ],
        {
          reps: 2,
          natural: 5,
        },
      ),
      close,
    ),
    { 'turns and nods': as(round([STAND, frame(STAND, head(0, 0, 50)), STAND, frame(STAND, head(34))]), close) },
  ),
  'eyes-and-head-turn': figure(
    as(
      sideToSide(frame(STAND, rightHand(0.34, 0.86, 0.02)), frame(STAND, head(0, 0, -58), rightHand(0.2, 0.86, 0.3))),
      { ...close, view: 'three-quarter' },
    ),
    {
      sitting: as(
        sideToSide(frame(SIT, rightHand(0.34, 0.64, 0.02)), frame(SIT, head(0, 0, -58), rightHand(0.2, 0.64, 0.3))),
        { props: [CHAIR], view: 'three-quarter' },
      ),
    },
  ),
  'trunk-circles': figure(as(trunkRing(22, 30), { view: 'three-quarter' }), {
    sitting: as(
      round([
        frame(SIT, ON_HIPS, tilt(20)),
        frame(SIT, ON_HIPS, tilt(0, 18)),
        frame(SIT, ON_HIPS, tilt(-14)),
        frame(SIT, ON_HIPS, tilt(0, -18)),
      ]),
      { props: [CHAIR], view: 'three-quarter' },
    ),
    smaller: as(trunkRing(12, 14), { view: 'three-quarter' }),
    'hinge lower': as(trunkRing(26, 62), { view: 'three-quarter' }),
  }),
  'hip-circles': figure(as(hipRing(0.1), { view: 'three-quarter' }), {
    smaller: as(hipRing(0.05, { ...ON_HIPS, ...leftHand(0.36, 0.74) }), {
      props: [wallAhead(0.4)],
      view: 'three-quarter',
    }),
    'hold a wall': as(hipRing(0.1, { ...ON_HIPS, ...leftHand(0.36, 0.74) }), {
      props: [wallAhead(0.4)],
      view: 'three-quarter',
    }),
    'knee up and round': round([
      frame(LOOSE, ON_HIPS),
      frame(LOOSE, ON_HIPS, rightLeg(84, 88)),
      frame(LOOSE, ON_HIPS, rightLeg(70, 88, 0, 42)),
      frame(LOOSE, ON_HIPS, rightLeg(0, 60, 0, 30)),
    ]),
  }),
  'knee-circles': figure(
    as(round([kneesAt(0, 0.03), kneesAt(0.7, 0.07), kneesAt(0, 0.12), kneesAt(-0.7, 0.07)]), { view: 'three-quarter' }),
    { 'bend and extend': as(kneeDip(0.4, 0.1), { view: 'three-quarter' }) },
  ),
  'knee-bend-and-extend': figure(kneeDip(0.41, 0.09), {
    'sitting, slide the feet': there([frame(SIT, feet(0.34)), frame(SIT, feet(0.18))], { props: [CHAIR], natural: 3 }),
    deeper: kneeDip(0.34, 0.13),
  }),
  'ankle-circles': figure(
    round([
      frame(LOOSE, rightLeg(34, 36, 18), arms(0, 30, 10)),
      frame(LOOSE, rightLeg(34, 36, -12, 0, 26), arms(0, 30, 10)),
      frame(LOOSE, rightLeg(34, 36, -46), arms(0, 30, 10)),
      frame(LOOSE, rightLeg(34, 36, -12, 0, -22), arms(0, 30, 10)),
    ]),
    {
      sitting: round(
        [
          frame(SIT, { ...rightLeg(84, 40, 18) }),
          frame(SIT, { ...rightLeg(84, 40, -12, 0, 24) }),
          frame(SIT, { ...rightLeg(84, 40, -46) }),
          frame(SIT, { ...rightLeg(84, 40, -12, 0, -22) }),
        ],
        { props: [CHAIR] },
      ),
      'toe on the floor': round([
        frame(STAND, hips(-0.02, 0.5), leftFoot(-0.02), rightFoot(0.1, 0.1, 0, { heelUp: 50 })),
        frame(STAND, hips(-0.02, 0.5), leftFoot(-0.02), rightFoot(0.1, 0.12, 0, { heelUp: 44, kneeTo: [1, 0, 0.7] })),
        frame(STAND, hips(-0.02, 0.5), leftFoot(-0.02), rightFoot(0.1, 0.1, 0, { heelUp: 36 })),
        frame(STAND, hips(-0.02, 0.5), leftFoot(-0.02), rightFoot(0.1, 0.08, 0, { heelUp: 44, kneeTo: [1, 0, -0.3] })),
      ]),
      'eyes up, free-standing on one leg': round([
        frame(LOOSE, rightLeg(62, 60, 18), head(-16), arms(0, 60, 6)),
        frame(LOOSE, rightLeg(62, 60, -12, 0, 26), head(-16), arms(0, 60, 6)),
        frame(LOOSE, rightLeg(62, 60, -46), head(-16), arms(0, 60, 6)),
        frame(LOOSE, rightLeg(62, 60, -12, 0, -22), head(-16), arms(0, 60, 6)),
      ]),
    },
  ),
  'ankle-pumps': figure(anklePump(SIT), {
    'heels resting': seatedHeelToe,
    'standing heel-toe rock': heelToe,
  }),
  'heel-toe-rock': figure(heelToe, {
    sitting: seatedHeelToe,
    'eyes closed': each(heelToe, arms(0, 40, 6)),
  }),
  'finger-spreads-and-fists': figure(
    as(there([frame(STAND, open(1)), frame(STAND, open(-1))], { natural: 1.6 }), close),
    {
      'arms held overhead': there(
        [frame(STAND, arms(168, 12, 6, 0, { spread: 1 })), frame(STAND, arms(168, 12, 6, 0, { spread: -1 }))],
        {
          natural: 1.6,
        },
      ),
    },
  ),
  'shin-raises-at-the-wall': figure(toesUp(0.14), {
    sitting: there([frame(SIT, feet(0.27)), frame(SIT, feet(0.27, 0.09, 0, { heelUp: -30 }))], {
      props: [CHAIR],
      natural: 2,
    }),
    'feet further out': toesUp(0.24),
  }),
  'knee-to-wall-ankle-rock': figure(kneeToWall(0.2), {
    'sitting, slide the foot back': there([frame(SIT, rightFoot(0.28)), frame(SIT, tilt(8), rightFoot(0.16))], {
      props: [CHAIR],
    }),
    'foot closer': kneeToWall(0.25),
    'foot further away': kneeToWall(0.16),
  }),
  'standing-side-bend': figure(
    sideToSide(frame(STAND, arms(2, 6)), frame(STAND, spine(0, 30), hips(0, 0.529, -0.03), arms(2, 6), rightArm(4, 4))),
    {
      sitting: sideToSide(frame(SIT, arms(2, 14)), frame(SIT, spine(0, 26), arms(2, 14)), { props: [CHAIR] }),
      'hand on thigh, small': sideToSide(frame(STAND, ON_HIPS), frame(STAND, spine(0, 16), ON_HIPS)),
      'arm overhead': sideToSide(
        frame(STAND, arms(2, 8)),
        frame(STAND, spine(0, 30), hips(0, 0.529, -0.03), leftArm(0, 164, 10), rightArm(2, 6)),
      ),
    },
  ),
  'forward-and-back-bend': figure(
    round(
      [
        frame(STAND, spine(0), ON_HIPS),
        frame(STAND, hips(-0.08, 0.49), tilt(72), spine(44), head(20), arms(104, 4, 6)),
        frame(STAND, spine(0), ON_HIPS),
        frame(STAND, hips(0.05, 0.52), tilt(-8), spine(-24), head(-16), ON_HIPS),
      ],
      { natural: 6 },
    ),
    {
      sitting: round([SIT, frame(SIT, tilt(26), spine(46), head(20)), SIT, frame(SIT, spine(-22), head(-14))], {
        props: [CHAIR],
        natural: 6,
      }),
    },
  ),
  'standing-trunk-twist': figure(
    as(
      sideToSide(
        frame(STAND, feet(0, 0.13), arms(6, 20, 10)),
        frame(
          STAND,
          feet(0, 0.13),
          leftFoot(0, 0.13, 0, { heelUp: 24 }),
          tilt(0, 0, -18),
          spine(0, 0, -40),
          head(0, 0, -20),
          leftArm(54, -20, 30),
          rightArm(-24, 20, 40),
        ),
      ),
      { view: 'three-quarter' },
    ),
    {
      'hands on hips, small': as(sideToSide(frame(STAND, ON_HIPS), frame(STAND, ON_HIPS, spine(0, 0, -26))), {
        view: 'three-quarter',
      }),
      'arms wide, bigger turn': as(
        sideToSide(
          frame(STAND, feet(0, 0.13), arms(0, 86, 4)),
          frame(
            STAND,
            feet(0, 0.13),
            leftFoot(0, 0.13, 0, { heelUp: 30 }),
            tilt(0, 0, -26),
            spine(0, 0, -44),
            head(0, 0, -20),
            arms(0, 86, 4),
          ),
        ),
        { view: 'three-quarter' },
      ),
    },
  ),
  'trunk-twist-with-stick': figure(
    as(
      sideToSide(
        frame(STAND, feet(0, 0.13), arms(-12, 74, 40, -70)),
        frame(STAND, feet(0, 0.13), spine(0, 0, -44), arms(-12, 74, 40, -70)),
      ),
      {
        view: 'three-quarter',
      },
    ),
    {
      'arms crossed, no stick': as(
        sideToSide(frame(STAND, feet(0, 0.13), FOLDED), frame(STAND, feet(0, 0.13), FOLDED, spine(0, 0, -40))),
        {
          view: 'three-quarter',
        },
      ),
      'in a split stance': as(
        sideToSide(
          frame(
            STAND,
            hips(-0.02, 0.48),
            rightFoot(0.16),
            leftFoot(-0.18, 0.09, 0, { heelUp: 24 }),
            arms(-12, 74, 40, -70),
          ),
          frame(
            STAND,
            hips(-0.02, 0.48),
            rightFoot(0.16),
            leftFoot(-0.18, 0.09, 0, { heelUp: 24 }),
            spine(0, 0, -44),
            arms(-12, 74, 40, -70),
          ),
        ),
        { view: 'three-quarter' },
      ),
    },
  ),
  'bent-over-trunk-twist': figure(bentOver(-44), {
    upright: sideToSide(frame(STAND, arms(0, 84, 4)), frame(STAND, arms(0, 84, 4), spine(0, 0, -44))),
    'hand to the opposite foot': bentOver(-45, 34),
  }),
};
