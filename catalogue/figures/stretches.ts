import type { Figures } from '@prompt-spark/core/figure/motion';
import { STEP_HEIGHT, type Prop } from '@prompt-spark/core/figure/prop';
import type { Pose } from '@prompt-spark/core/figure/pose';
import {
  arms,
  as,
  feet,
  figure,
  fixed,
  frame,
  hands,
  head,
  hips,
  holding,
  leftArm,
  leftFoot,
  leftHand,
  leftHold,
  leftLeg,
  legs,
  rightArm,
  rightFoot,
  rightHand,
  rightHold,
  rightLeg,
  shoulders,
  spine,
  still,
  there,
  tilt,
  lying,
} from './authoring.ts';
import {
  CHAIR,
  HALF_KNEEL,
  HINGE,
  KNEEL,
  LONG_ON_BACK,
  ON_HIPS,
  SIT,
  STAND,
  wallAhead,
  wallAside,
  ON_FRONT,
} from './postures.ts';

const high: Prop = { kind: 'block', x: 0.42, height: 0.44, deep: 0.26, wide: 0.5 };
const stepAt = (x: number): Prop => ({ kind: 'block', x, height: STEP_HEIGHT, deep: 0.2, wide: 0.36 });
const chairAhead: Prop = { kind: 'chair', x: 0.46, turned: 180 };

const kneelingLunge = frame(
  HALF_KNEEL,
  fixed('rightKnee', -0.1, 0.028, 0.0955),
  tilt(-4),
  rightLeg(-26, 72, -58),
  leftFoot(0.26, 0.1),
);
/** A long standing split stance, the right foot behind. */
const split = (front: number, back: number, y: number, heelUp = 38): Pose =>
  frame(
    STAND,
    hips((front - back) / 2 - 0.02, y),
    leftFoot(front),
    rightFoot(-back, 0.09, 0, heelUp > 0 ? { heelUp } : {}),
  );
const splitFlexor = frame(split(0.14, 0.3, 0.47), tilt(-6), ON_HIPS);
const heelToSeat = frame(STAND, rightLeg(-4, 122, -30), rightHold('rightAnkle', [0, 0.02, 0]));
/** The ankle of the right leg on the left knee. */
const onKnee = (x: number, y: number, kneeTo: readonly [number, number, number]) =>
  rightFoot(x, -0.06, y, { toesOut: -70, kneeTo });
const seatedFour = frame(
  SIT,
  tilt(14),
  onKnee(0.2, 0.3, [0.5, 0.2, 1]),
  rightHold('rightKnee'),
  leftHold('rightAnkle'),
);
const seatedFourStill = still(seatedFour, { props: [CHAIR], view: 'front' });
const supineFour = (hip: number): Pose =>
  frame(
    LONG_ON_BACK,
    tilt(-90),
    leftLeg(hip, 90),
    rightFoot(-0.2 * Math.sin(((hip - 90) * Math.PI) / 180), -0.06, 0.24, { toesOut: -70, kneeTo: [0.8, 0, 1] }),
    holding('leftKnee', [-0.02, -0.1, 0]),
    leftHold('leftKnee', [-0.02, -0.1, -0.03]),
    rightHold('leftKnee', [-0.02, -0.1, 0.03]),
  );
const supineFourStill = still(supineFour(90), { view: 'three-quarter' });
const child = frame(KNEEL, tilt(70), legs(112, 132, -58), spine(28), head(-4), hands(0.36, 0.03, 0.12));
const pressedUp = (arch: number, ahead: number): Pose =>
  frame(ON_FRONT, tilt(90 - arch * 0.5), spine(-arch * 0.5), head(-14), arms(96 - ahead * 60, 10, 30 + ahead * 40));
const butterfly = (lean: number, open: number): Pose =>
  frame(
    STAND,
    hips(0, 0.06),
    tilt(lean),
    feet(0.2 + open / 200, 0.02, 0.02, { toesOut: -40, kneeTo: [0.5, 0.35, 1] }),
    arms(40 + lean / 2, 4, 30),
  );
const straddle = (lean: number, reach: number): Pose =>
  frame(STAND, lying(), tilt(lean), legs(88 + lean, 2, -6, 38, 10), arms(reach, 10, 10));
const pigeon = (flat: boolean): Pose =>
  frame(
    STAND,
    hips(0, 0.105),
    tilt(46),
    spine(flat ? 36 : -18),
    leftLeg(-26, 22, -56),
    rightFoot(0.2, -0.08, 0, { toesOut: -60, kneeTo: [0.3, 0.3, 1] }),
    hands(flat ? 0.46 : 0.34, 0.03, 0.15, flat ? { elbowTo: [0.5, 0, 0.6] } : {}),
  );
const calf = (back: number): Pose =>
  frame(
    STAND,
    hips(-0.12, 0.5),
    tilt(16),
    leftFoot(0.12),
    rightFoot(-back),
    hands(0.42, 0.74, 0.13, { fingersTo: [0.2, 1, 0] }),
  );
const hamstring = (y: number): Pose =>
  frame(
    STAND,
    hips(-0.1, 0.46),
    tilt(44),
    leftFoot(-0.04),
    rightFoot(0.26, 0.09, y, { heelUp: -26 }),
    holding('leftKnee', [0, 0.06, 0]),
    rightHold('leftKnee', [0, 0.06, 0.06]),
  );
/** Sat to the left in a wide stance, the right leg long. */
const sideLunge = (width: number, y: number): Pose =>
  frame(
    STAND,
    hips(-0.06, y, -width * 0.55),
    tilt(24),
    leftFoot(0, width, 0, { toesOut: 14 }),
    rightFoot(0, width),
    holding('rightKnee'),
    leftHold('leftKnee', [0.02, 0.05, 0]),
    rightHold('leftKnee', [0.02, 0.06, 0.05]),
  );
const onFrame = (out: number): Pose =>
  frame(
    STAND,
    leftFoot(-0.1),
    rightFoot(0.14),
    hips(0.02, 0.5),
    rightArm(-6, out, 88, -90),
    leftArm(0, 10, 10),
    tilt(0, 0, 14),
  );
const acrossChest = frame(STAND, rightArm(88, -38, 8), leftHold('rightElbow', [0.03, 0, 0.02], [0.4, -1, 0.4]));
const elbowUp = frame(STAND, rightArm(172, 6, 140, 0), leftHold('rightElbow', [0, 0.03, 0], [0.3, 0.4, -1]));
const wristBack = frame(
  STAND,
  rightArm(84, 0, 4, 0, { wristBend: -70 }),
  leftHold('rightFingers', [-0.02, 0, 0], [0.2, -1, -0.3]),
);
const reachOver = frame(STAND, hips(0, 0.529, 0.04), spine(0, -26), rightArm(0, 166, 8), leftArm(2, 10, 6));
const fold = frame(STAND, hips(-0.08, 0.46), tilt(84), spine(40), head(26), arms(124, 2, 8));

export const stretchFigures: Figures = {
  'half-kneeling-hip-flexor-stretch': figure(still(frame(kneelingLunge, ON_HIPS)), {
    'standing split stance': still(splitFlexor),
    'reach up and over': still(frame(kneelingLunge, rightArm(172, 0, 6), leftArm(2, 12, 20), spine(-4, -20)), {
      view: 'three-quarter',
    }),
    'rear foot raised': still(frame(kneelingLunge, ON_HIPS, rightLeg(-26, 112, -40)), {
      props: [{ kind: 'block', x: -0.42, height: 0.2, deep: 0.2, wide: 0.4 }],
    }),
  }),
  'rear-foot-raised-quad-stretch': figure(
    still(frame(HALF_KNEEL, tilt(2), rightLeg(-6, 132, -40), leftFoot(0.27, 0.1), ON_HIPS), {
      props: [wallAhead(-0.22)],
    }),
    { 'standing quad stretch': still(frame(heelToSeat, leftHand(0.36, 0.72)), { props: [wallAhead(0.4)] }) },
  ),
  'standing-quad-stretch': figure(still(frame(heelToSeat, leftArm(60, 20, 10))), {
    'heel pulled under a chair': still(frame(SIT, rightFoot(0.02, 0.09, 0, { heelUp: 40 })), { props: [CHAIR] }),
    'opposite hand': still(frame(heelToSeat, rightArm(60, 20, 10), leftHold('rightAnkle', [0, 0.02, 0.02]))),
  }),
  'quad-stretch-three-grips': figure(
    there([
      frame(heelToSeat, leftHold('rightAnkle', [0, 0.02, 0.02])),
      frame(heelToSeat, leftHold('rightAnkle', [0, 0.02, 0.02]), tilt(-5), rightLeg(-12, 124, -30)),
    ]),
    {
      'one grip, hand on a wall': still(frame(heelToSeat, leftHand(0.36, 0.72)), { props: [wallAhead(0.4)] }),
      'heel pulled under a chair': still(frame(SIT, rightFoot(0.02, 0.09, 0, { heelUp: 40 })), { props: [CHAIR] }),
      'rise on the toes': still(
        frame(
          heelToSeat,
          hips(0.01, 0.56),
          leftFoot(0, 0.09, 0, { heelUp: 30 }),
          leftHold('rightAnkle', [0, 0.02, 0.02]),
        ),
      ),
    },
  ),
  'pigeon-on-the-floor': figure(still(pigeon(false)), {
    'supine figure four': supineFourStill,
    'forearms down': still(pigeon(true)),
  }),
  'raised-pigeon': figure(
    still(frame(STAND, tilt(26), hips(0, 0.529), leftFoot(0), rightLeg(108, 88, 0, 20, 62), hands(0.34, 0.5, 0.2)), {
      props: [high],
      view: 'three-quarter',
    }),
    { 'seated figure four': as(seatedFourStill, { view: 'three-quarter' }) },
  ),
  'supine-figure-four': figure(supineFourStill, {
    'seated figure four': seatedFourStill,
    'foot on a wall': still(frame(supineFour(90), arms(10, 20)), { props: [wallAhead(0.285)], view: 'three-quarter' }),
    'pull closer': still(supineFour(108), { view: 'three-quarter' }),
  }),
  'seated-figure-four': figure(seatedFourStill, {
    'ankles crossed, knees wide': still(
      frame(SIT, tilt(12), feet(0.2, -0.05, 0, { kneeTo: [0.6, 0, 1] }), holding('rightKnee')),
      { props: [CHAIR], view: 'front' },
    ),
    'lean further': still(frame(seatedFour, tilt(32)), { props: [CHAIR], view: 'front' }),
  }),
  'child-s-pose': figure(still(child), {
    'arms on a bench, standing': still(frame(HINGE, hips(-0.2, 0.48), tilt(74), hands(0.34, 0.47, 0.12)), {
      props: [high],
    }),
    'hands walked to one side': still(
      frame(child, spine(28, -22), hands(0.34, 0.03, 0.12), rightHand(0.34, 0.03, -0.02), leftHand(0.28, 0.03, 0.26)),
      {
        view: 'three-quarter',
      },
    ),
  }),
  'wall-calf-stretch': figure(still(calf(0.34), { props: [wallAhead(0.46)] }), {
    'sitting, toes pulled with a strap': still(frame(SIT, rightLeg(84, 4, 16), hands(0.2, 0.5, 0.1)), {
      props: [CHAIR, { kind: 'band', through: ['leftWrist', 'rightToe', 'rightWrist'] }],
    }),
    'shorter step': still(calf(0.2), { props: [wallAhead(0.46)] }),
    'heel off a step': still(
      frame(
        STAND,
        hips(0, 0.62),
        leftFoot(0.02, 0.09, STEP_HEIGHT),
        rightFoot(0, 0.09, STEP_HEIGHT - 0.03, { heelUp: -18 }),
        hands(0.32, 0.86),
      ),
      { props: [stepAt(0.09), wallAhead(0.36)] },
    ),
  }),
  'split-stance-calf-hold': figure(
    still(
      frame(
        split(0.2, 0.25, 0.47, 0),
        tilt(12),
        leftHold('leftKnee', [0, 0.04, 0]),
        rightHold('leftKnee', [0, 0.04, 0.05]),
      ),
    ),
    {
      'shorter stance': still(
        frame(
          split(0.14, 0.18, 0.49, 0),
          tilt(10),
          leftHold('leftKnee', [0, 0.05, 0]),
          rightHold('leftKnee', [0, 0.05, 0.05]),
        ),
      ),
      'bend the back knee too': still(
        frame(
          split(0.16, 0.12, 0.465, 0),
          tilt(10),
          leftHold('leftKnee', [0, 0.04, 0]),
          rightHold('leftKnee', [0, 0.04, 0.05]),
        ),
      ),
    },
  ),
  'standing-hamstring-hold': figure(still(hamstring(0)), {
    'sitting on a chair edge': still(
      frame(
        SIT,
        hips(0.05, 0.305),
        tilt(34),
        rightLeg(100, 2, 0),
        holding('leftKnee', [0, 0.04, 0]),
        rightHold('leftKnee', [0, 0.04, 0.05]),
      ),
      {
        props: [CHAIR],
      },
    ),
    'heel on a low step': still(hamstring(STEP_HEIGHT), { props: [stepAt(0.28)] }),
  }),
  'standing-adductor-hold': figure(still(sideLunge(0.27, 0.42)), {
    narrower: still(frame(sideLunge(0.2, 0.46), hands(0.32, 0.58, 0.1)), { props: [{ kind: 'chair', x: 0.5 }] }),
    'hands on a chair': still(frame(sideLunge(0.27, 0.42), hands(0.32, 0.58, 0.1)), {
      props: [{ kind: 'chair', x: 0.5 }],
    }),
    'sit lower': still(sideLunge(0.3, 0.34)),
  }),
  'doorway-chest-stretch': figure(still(onFrame(84), { props: [wallAside(0.32)] }), {
    'arm lower': still(onFrame(56), { props: [wallAside(0.3)] }),
    'arm higher': still(onFrame(112), { props: [wallAside(0.3)] }),
  }),
  'partner-chest-stretch': figure(
    still(frame(STAND, arms(-44, 26, 4), spine(-6), leftFoot(-0.04), rightFoot(0.08)), {
      partner: frame(STAND, hips(-0.5, 0.5), feet(-0.52), leftFoot(-0.6), hands(-0.26, 0.6, 0.2)),
    }),
    {
      'lean less': still(frame(STAND, arms(-28, 24, 4)), {
        partner: frame(STAND, hips(-0.46, 0.5), feet(-0.46), hands(-0.16, 0.56, 0.2)),
      }),
      'lean more': still(frame(STAND, arms(-52, 26, 4), spine(-14), leftFoot(-0.08), rightFoot(0.12)), {
        partner: frame(STAND, hips(-0.52, 0.5), feet(-0.54), leftFoot(-0.62), hands(-0.28, 0.62, 0.2)),
      }),
    },
  ),
  'hands-clasped-chest-lift': figure(
    still(frame(STAND, spine(-12), head(-10), arms(-38, -12, 4), shoulders(-4, -14))),
    {
      'sitting, hands on the chair behind': still(frame(SIT, spine(-10), hands(-0.14, 0.3, 0.14)), { props: [CHAIR] }),
      'strap between the hands': still(frame(STAND, spine(-10), arms(-34, 8, 4), shoulders(-4, -12)), {
        props: [{ kind: 'band', through: ['leftWrist', 'rightWrist'] }],
        view: 'three-quarter',
      }),
      'hands lifted away': still(frame(STAND, spine(-14), head(-10), arms(-58, -12, 2), shoulders(-4, -16))),
    },
  ),
  'overhead-triceps-and-side-lean': figure(still(frame(elbowUp, spine(0, -20))), {
    'sitting, arm across': still(frame(acrossChest, { root: SIT.root, left: SIT.left, right: SIT.right }), {
      props: [CHAIR],
    }),
    'arm across the chest': still(acrossChest),
    'hands meet behind': still(frame(elbowUp, leftArm(-40, 0, 128, 40), spine(0, -14)), { view: 'three-quarter' }),
  }),
  'cross-body-shoulder-hold': figure(still(acrossChest), {
    'turn the head away': still(frame(acrossChest, head(0, 0, -58))),
  }),
  'forearm-and-wrist-hold': figure(
    there([wristBack, frame(wristBack, rightArm(84, 0, 4, 0, { wristBend: 70 }))], { natural: 8, view: 'side' }),
    {
      'sitting, palms together': still(
        frame(SIT, hands(0.12, 0.5, 0.015, { fingersTo: [0.1, 1, 0], elbowTo: [0, -0.6, 1] })),
        {
          props: [CHAIR],
          view: 'front',
        },
      ),
      'elbow bent': there(
        [
          frame(wristBack, rightArm(30, 0, 80, 0, { wristBend: -70 })),
          frame(wristBack, rightArm(30, 0, 80, 0, { wristBend: 70 })),
        ],
        { natural: 8, view: 'side' },
      ),
      'palms on a wall': still(frame(STAND, hips(-0.03, 0.529), hands(0.32, 0.7, 0.13, { fingersTo: [0.05, -1, 0] })), {
        props: [wallAhead(0.36)],
        view: 'side',
      }),
    },
  ),
  'standing-side-reach-hold': figure(still(reachOver), {
    'sitting, hand on the seat': still(frame(SIT, spine(0, -22), rightArm(0, 164, 10), leftHand(0.02, 0.28, 0.2)), {
      props: [CHAIR],
    }),
    'hand on the hip': still(frame(reachOver, spine(0, -18), leftArm(-22, 38, 92, 62))),
    'hold the wrist and draw': still(
      frame(reachOver, spine(0, -32), leftHold('rightWrist', [0, 0, 0], [0.2, 0.4, -1])),
    ),
  }),
  'neck-side-hold': figure(
    still(frame(STAND, head(0, -34), leftHold('head', [0, 0.04, 0.05], [0.1, 0.3, -1]), rightArm(0, 18))),
  ),
  'split-stance-hip-flexor-hold': figure(still(splitFlexor), {
    'reach up on that side': still(frame(splitFlexor, rightArm(172, 0, 6), spine(-6, -8))),
  }),
  'forward-fold-soft-knees': figure(still(fold), {
    'hands on a chair seat': still(frame(HINGE, hips(-0.12, 0.49), tilt(66), hands(0.34, 0.29, 0.1)), {
      props: [chairAhead],
    }),
    'hold the elbows': still(frame(fold, arms(124, -8, 96, 60))),
  }),
  'prone-press-up': figure(there([frame(ON_FRONT, arms(140, 20, 100)), pressedUp(40, 0.2)], { natural: 5 }), {
    'on the forearms': still(pressedUp(22, 0.14)),
    'arms straight': there([frame(ON_FRONT, arms(140, 20, 100)), pressedUp(54, 0.24)], { natural: 5 }),
  }),
  'butterfly-stretch': figure(still(butterfly(4, 0), { view: 'front' }), {
    'feet further away': still(butterfly(2, 20), { view: 'front' }),
    'sitting, knees wide': still(frame(SIT, feet(0.2, 0.19, 0, { kneeTo: [0.6, 0, 1] }), arms(26, 14, 40)), {
      props: [CHAIR],
      view: 'front',
    }),
    'lean forward': still(butterfly(30, 0), { view: 'front' }),
  }),
  'straddle-reach': figure(still(straddle(24, 70), { view: 'front' }), {
    'hands behind, sit tall': still(straddle(-8, -34), { view: 'front' }),
    'reach further': still(straddle(36, 96), { view: 'front' }),
  }),
};
