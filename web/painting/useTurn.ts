import { onScopeDispose, ref, watch, type Ref } from 'vue';

/** Those whose turn has not come, first come first. */
const waiting = new Set<() => void>();
let timer: ReturnType<typeof setTimeout> | undefined;

function nextTurn(): void {
  timer ??= setTimeout(() => {
    timer = undefined;
    const [first] = waiting;
    if (!first) return;
    waiting.delete(first);
    first();
    nextTurn();
  });
}

/**
 * Whether something that takes a while to draw may be drawn: once it is wanted, when its turn has come. Whatever asks
 * takes turns, and the browser answers a finger between any two. What is no longer wanted asks anew the next time.
 */
export function useTurn(wanted: Readonly<Ref<boolean>>): Readonly<Ref<boolean>> {
  const mine = ref(false);
  const take = () => {
    mine.value = true;
  };
  watch(
    wanted,
    (now) => {
      if (now) {
        waiting.add(take);
        nextTurn();
      } else {
        waiting.delete(take);
        mine.value = false;
      }
    },
    { immediate: true },
  );
  onScopeDispose(() => waiting.delete(take));
  return mine;
}
