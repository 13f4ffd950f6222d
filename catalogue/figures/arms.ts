import type { Figures } from '@prompt-spark/core/figure/motion';
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
  leftArm,
  leftFoot,
  rightArm,
  rightFoot,
  round,
  sideToSide,
  spine,
  step,
  there,
  tilt,
} from './authoring.ts';
import { CHAIR, FOLDED, LONG_ON_BACK, SIT, STAND, wallAhead } from './postures.ts';

const from = { view: 'three-quarter' } as const;
const hugged = frame(STAND, spine(10), rightArm(84, -34, 40, 50), leftArm(78, -34, 46, 50));
const chestOpened = (up: number, out: number) =>
  there([frame(STAND, spine(4), arms(78, 6, 30)), frame(STAND, spine(-10), head(-10), arms(up, out, 8))], {
    natural: 3.5,
    view: 'front',
  });
const opened = (back: number) => frame(STAND, spine(-8), arms(back, 88, 10));
const hug = (back: number, natural: number) => there([opened(back), hugged], { natural, ...from });
const swing = (low: number, high: number, dip: number) =>
  there(
    [
      frame(STAND, hips(-dip, 0.52 - dip), tilt(dip * 140), arms(-low + dip * 100, 8, 6)),
      frame(STAND, arms(high, 8, 4)),
    ],
    { natural: 1.6 },
  );
const sweep = round(
  [
    frame(STAND, rightArm(0, 12, 4)),
    frame(STAND, rightArm(70, -40, 10)),
    frame(STAND, rightArm(166, -8, 6)),
    frame(STAND, rightArm(0, 96, 4)),
  ],
  { natural: 2 },
);
const flick = (tilted: number, both: boolean) => {
  const base = tilted > 0 ? frame(STAND, hips(-0.08, 0.5), tilt(tilted), spine(4)) : STAND;
  const bent = tilted > 0 ? rightArm(-20, 6, 96, 0, { spread: -1 }) : rightArm(-34, 6, 96, 0, { spread: -1 });
  const straight = tilted > 0 ? rightArm(-24, 6, 6) : rightArm(-40, 6, 6);
  const other = (part: typeof bent) =>
    both && part.rightArm ? { leftArm: part.rightArm } : tilted > 0 ? leftArm(tilted, 4, 10) : {};
  return there([frame(base, bent, other(bent)), frame(base, straight, other(straight))], { natural: 1.6 });
};
const pull = (high: number, base = STAND) =>
  step(
    [
      frame(
        base,
        rightArm(high, 8, 8, 0, { spread: -1 }),
        leftArm(high * 0.55, 14, 96, 0, { spread: -1 }),
        spine(0, -5),
      ),
    ],
    { natural: 2 },
  );
const pass = (width: number) =>
  there(
    [
      frame(STAND, arms(26, width, 2)),
      frame(STAND, arms(100, width, 2)),
      frame(STAND, arms(178, width, 2)),
      frame(STAND, arms(212, width + 10, 2)),
    ],
    { natural: 4, tells: 2, view: 'three-quarter' },
  );
const angelOn = (elbow: number) =>
  there(
    [
      frame(LONG_ON_BACK, arms(0, 24, elbow * 0.3, -80)),
      frame(LONG_ON_BACK, arms(0, 96, elbow, -84)),
      frame(LONG_ON_BACK, arms(0, 158, elbow * 0.5, -84)),
    ],
    {
      view: 'above',
    },
  );
const onWall = frame(STAND, hips(-0.02, 0.49), tilt(-2), feet(0.1));
const wallAngelWith = (elbow: number, x: number) =>
  there([frame(onWall, feet(x), arms(-4, 70, elbow, -88)), frame(onWall, feet(x), arms(-4, 150, elbow * 0.42, -88))], {
    props: [wallAhead(-0.075)],
  });
const wallSlide = (low: number, high: number, x = 0.26) =>
  there(
    [
      frame(
        STAND,
        hips(0, 0.53),
        leftFoot(-0.08),
        rightFoot(0.06),
        hands(x, low, 0.14, { elbowTo: [0.3, -1, 0.2], fingersTo: [0, 1, 0] }),
      ),
      frame(
        STAND,
        hips(0.02, 0.53),
        leftFoot(-0.08),
        rightFoot(0.06),
        hands(x, high, 0.16, { elbowTo: [0.3, -1, 0.2], fingersTo: [0, 1, 0] }),
      ),
    ],
    { props: [wallAhead(x + 0.03)] },
  );
const scarecrow = (base: typeof STAND, out: number) =>
  there([frame(base, arms(0, out, 90, 90)), frame(base, arms(0, out, 90, -86))]);

export const armFigures: Figures = {
  'arm-hugs': figure(hug(-8, 1.6), {
    'sitting, slow': there(
      [
        frame(SIT, spine(-6), arms(-6, 88, 10)),
        frame(SIT, spine(8), rightArm(84, -34, 40, 50), leftArm(78, -34, 46, 50)),
      ],
      {
        props: [CHAIR],
        natural: 3,
        ...from,
      },
    ),
    slow: hug(0, 3),
    'bigger, quicker': hug(-16, 1.1),
  }),
  'long-arm-swings': figure(swing(40, 150, 0), {
    'sitting, one arm': there([frame(SIT, rightArm(-10, 12, 6)), frame(SIT, rightArm(120, 8, 6))], {
      props: [CHAIR],
      natural: 1.8,
    }),
    smaller: swing(24, 84, 0),
    'with a knee dip': swing(40, 160, 0.1),
  }),
  'cross-front-arm-swings': figure(sweep, {
    smaller: there([frame(STAND, rightArm(0, 70, 4)), frame(STAND, rightArm(70, -36, 10))], { natural: 1.6 }),
    'both at once, to overhead': round(
      [
        frame(STAND, arms(0, 12, 4)),
        frame(STAND, arms(70, -34, 14)),
        frame(STAND, arms(166, -8, 6)),
        frame(STAND, arms(0, 96, 4)),
      ],
      { natural: 2 },
    ),
  }),
  'triceps-flick': figure(flick(48, false), { upright: flick(0, false), 'both arms, hinged': flick(52, true) }),
  'overhead-arm-raise': figure(there([frame(STAND, arms(0, 8)), frame(STAND, arms(0, 172))]), {
    'sitting, to shoulder height': there([frame(SIT, arms(0, 8)), frame(SIT, arms(0, 90))], { props: [CHAIR] }),
    'to shoulder height': there([frame(STAND, arms(0, 8)), frame(STAND, arms(0, 90))]),
    'with a stick': as(there([frame(STAND, arms(24, 14, 4)), frame(STAND, arms(176, 14, 4))]), from),
  }),
  'standing-chest-opener': figure(chestOpened(64, 78), {
    'hands on the chest': there([frame(STAND, FOLDED), frame(STAND, spine(-8), head(-6), arms(20, 52, 120, 20))], from),
    sitting: as(there([frame(SIT, arms(80, 4, 20)), frame(SIT, spine(-8), head(-6), arms(62, 84, 10))], from), {
      props: [CHAIR],
    }),
    'arms in a high V': chestOpened(140, 34),
  }),
  'rope-pull-arms': figure(pull(170), {
    sitting: as(pull(160, SIT), { props: [CHAIR] }),
    'low, from the front': as(pull(96), from),
    'overhead, quicker': as(pull(176), { natural: 1.2 }),
  }),
  'stick-pass-through': figure(pass(38), {
    'stop overhead': as(there([frame(STAND, arms(26, 36, 2)), frame(STAND, arms(178, 36, 2))]), from),
    'wider grip': pass(48),
    narrower: pass(28),
  }),
  'floor-angel': figure(angelOn(70), {
    'elbows bent': angelOn(100),
    'wall angel': wallAngelWith(92, 0.1),
  }),
  'wall-angel': figure(wallAngelWith(92, 0.1), {
    'floor angel': angelOn(70),
    'hands only touch': each(wallAngelWith(92, 0.14), tilt(6)),
    'feet at the wall': wallAngelWith(96, 0),
  }),
  'wall-slide-facing': figure(wallSlide(0.86, 1.05), {
    lower: wallSlide(0.8, 0.92),
    'lift off at the top': round(
      [wallSlide(0.86, 1.05).keyframes[0], wallSlide(0.86, 1.05).keyframes[1], wallSlide(0.86, 1.05, 0.2).keyframes[1]],
      { props: [wallAhead(0.29)] },
    ),
  }),
  'scarecrow-turns': figure(scarecrow(STAND, 84), {
    'sitting, elbows low': as(scarecrow(SIT, 50), { props: [CHAIR] }),
    'elbows at the sides': as(there([frame(STAND, arms(0, 6, 90, 60)), frame(STAND, arms(0, 6, 90, -60))]), from),
    'one up, one down': sideToSide(
      frame(STAND, arms(0, 84, 90, 0)),
      frame(STAND, rightArm(0, 84, 90, -86), leftArm(0, 84, 90, 90)),
    ),
  }),
};
