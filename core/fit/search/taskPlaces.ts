import type { TaskChoice, TaskPlace } from './task.ts';

/** Stations change together: those who are done sooner wait, which is a rest like the slot's own. */
export function together(places: readonly TaskPlace[]): readonly TaskPlace[] {
  const longest = Math.max(0, ...places.flatMap(({ choices }) => choices.map(({ busy }) => busy)));
  return places.map(({ choices, mayGo }) => ({
    mayGo,
    choices: choices.map((choice) => ({ ...choice, rest: choice.rest + longest - choice.busy })),
  }));
}

/** A place without choices that another one beats in everything: no longer, worth no less, raising no less. */
export function useful(place: TaskPlace): TaskPlace {
  const { choices, mayGo } = place;
  const beaten = (one: TaskChoice, at: number): boolean =>
    choices.some(
      (other, rank) =>
        other !== one &&
        other.spans === one.spans &&
        other.drill === one.drill &&
        other.busy <= one.busy &&
        other.rest <= one.rest &&
        other.value >= one.value &&
        other.raise >= one.raise &&
        (other.busy < one.busy ||
          other.value > one.value ||
          other.raise > one.raise ||
          other.rest < one.rest ||
          rank < at),
    );
  return { mayGo, choices: choices.filter((one, at) => !beaten(one, at)) };
}
