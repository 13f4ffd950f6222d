import type { Drill, Variant } from '@prompt-spark/core/drills/drill';
import { servedOn } from '@prompt-spark/core/drills/served';

/** Rungs that are another drill, or a rung of one, by "Drill > rung": one movement has one set of facts. */
export const SAME_MOVEMENT: Readonly<Record<string, string>> = {
  'Rear-foot-raised quad stretch > standing quad stretch': 'Standing quad stretch',
  'Quad stretch, three grips > one grip, hand on a wall': 'Standing quad stretch > hand on a wall',
  'Pigeon on the floor > supine figure four': 'Supine figure four',
  'Raised pigeon > seated figure four': 'Seated figure four',
  'Supine figure four > seated figure four': 'Seated figure four',
  'March on the spot > seated march': 'Seated march and reach > hands on the seat',
  'High knees > seated knee lifts': 'Seated march and reach > hands on the seat',
  'High knees > march, knees up': 'March on the spot > knees higher, quicker',
  'Run on the spot > march on the spot': 'March on the spot',
  'Run on the spot > high knees': 'High knees',
  'Jumping jack > step jack': 'Step jack',
  'Step jack > jumping jack': 'Jumping jack',
  'Pogo hops > calf raise': 'Calf raise',
  'Step-ups > march on the spot': 'March on the spot',
  'Easy jog > walk and jog in turn': 'Brisk walk > walk and jog in turn',
  'Straight-leg run > straight-leg march': 'Straight-leg march',
  'Backward skip > walk backward': 'Backpedal > walk backward',
  'Basic skip > skip for height': 'Skip for height',
  'A-skip > power skip': 'Power skip',
  'Power skip > A-skip': 'A-skip',
  'Lateral skip > side steps': 'Side shuffle > side steps',
  'Side shuffle > low with floor touch': 'Side shuffle with floor touch',
  'Cyclic run kicks > butt kicks': 'Butt kicks',
  'Progressive run > build-up run': 'Build-up run',
  'Bounding > skip': 'Basic skip',
  'Skip for height > basic skip': 'Basic skip',
  'Skip for distance > basic skip': 'Basic skip',
  'Skip for distance > bounding': 'Bounding',
  'Build-up run > brisk walk': 'Brisk walk',
  'Accelerations > fast walk': 'Brisk walk',
  'Single-leg hops > two-foot line hops': 'Line hops, two feet',
  'Skip to lunge > walk to lunge': 'Walking lunge',
  'Floor angel > wall angel': 'Wall angel',
  'Wall angel > floor angel': 'Floor angel',
  'Dog flow > cat-cow': 'Cat-cow',
  'Ankle pumps > standing heel-toe rock': 'Heel-toe rock',
  'Heel-toe rock > sitting': 'Ankle pumps',
  'Walking lunge > add a twist': 'Walking lunge with twist',
  'Walking lunge with twist > no twist': 'Walking lunge',
  'Walking lunge > split squat with support': 'Split squat > hold a chair',
  'Forward lunge > split squat with support': 'Split squat > hold a chair',
  'Overhead reverse lunge > arms forward': 'Reverse lunge',
  'Overhead reverse lunge > hold a chair': 'Reverse lunge > hold a chair',
  'Reverse lunge with turn > hold a chair, no turn': 'Reverse lunge > hold a chair',
  'Overhead walking lunge > arms forward': 'Walking lunge',
  'Glute bridge > standing glute squeeze': 'Glute squeeze, standing',
  'Glute bridge > one leg': 'Single-leg bridge',
  'Single-leg bridge > two legs': 'Glute bridge',
  'Banded bridge with knee spread > no band': 'Glute bridge',
  'Bridge with reach > bridge only': 'Glute bridge',
  'Dead bug > sitting, opposite hand and knee': 'Cross crawl > seated',
  'Front plank > shoulder taps': 'Plank shoulder tap',
  'Chair squat > body-weight squat': 'Body-weight squat',
  'Body-weight squat > to a chair': 'Chair squat',
  'Reach squat with plate > to a chair': 'Chair squat',
  'Reach squat with plate > no plate': 'Body-weight squat',
  'Prisoner squat > hands in front': 'Body-weight squat',
  'Overhead squat > arms forward': 'Body-weight squat',
  'Body-weight squat > hands behind the head': 'Prisoner squat',
  'Squat on half-dome > on the floor': 'Body-weight squat > shallow',
  'Inchworm > with a push-up': 'Inchworm with push-up',
  'Inchworm with push-up > no push-up': 'Inchworm',
  'Inchworm with hip drop > no hip drop': 'Inchworm',
  'Push-up > at the wall': 'Incline push-up > at the wall',
  'Push-up > hands on a bench': 'Incline push-up',
  'Incline push-up > on the floor': 'Push-up',
  'Ball push-up > off the ball': 'Push-up',
  'Ball push-up > knees down': 'Push-up > knees down',
  'Hip hinge reach > sitting, chest forward': 'Good-morning bow > sitting, bow from the hips',
  'Kettlebell deadlift > no weight': 'Hip hinge reach',
  'Step-up with knee drive > lower, hold a rail': 'Step-ups > lower step, hold a rail',
};

/** Rungs that only share words with another drill. */
export const ONLY_THE_NAME: ReadonlySet<string> = new Set([
  'Thread the needle > reach up',
  'Reverse lunge with turn > overhead reach',
  'Single-leg stand > turn the head',
  'Basic skip > march',
]);

/** The drills with every rung that is another movement taking that movement's facts: its own name and place on the ladder stay. */
export function withSameMovements(drills: readonly Drill[]): readonly Drill[] {
  const places = new Map(
    drills.flatMap((drill) =>
      drill.ladder.map((rung) => [rung.rung === 0 ? drill.name : placeOf(drill, rung), { drill, rung }] as const),
    ),
  );
  return drills.map((drill) => ({
    ...drill,
    ladder: drill.ladder.map((rung) => {
      const means = SAME_MOVEMENT[placeOf(drill, rung)];
      if (means === undefined) return rung;
      const other = places.get(means);
      if (!other) throw new Error(`"${placeOf(drill, rung)}" is said to be "${means}", which is no drill or rung.`);
      return withFactsOf(rung, other.drill, other.rung);
    }),
  }));
}

export const placeOf = (drill: Drill, rung: Variant): string => `${drill.name} > ${rung.name}`;

/** A rung with the facts of a movement. Its kit beside the movement's stays, as a band or a plate that is held. */
function withFactsOf(own: Variant, drill: Drill, rung: Variant): Variant {
  const { posture, demands, effort } = rung;
  const energy = rung.energy ?? drill.energy;
  return { ...own, posture, demands, effort, energy, kit: rung.kit, targets: servedOn(drill, rung) };
}
