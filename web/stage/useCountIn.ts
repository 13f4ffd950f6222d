import { useIntervalFn } from '@vueuse/core';
import { ref, type Ref } from 'vue';

/** Seconds that are counted down before a run begins by itself. */
export interface CountIn {
  /** 0 while nothing is counted. */
  readonly left: Readonly<Ref<number>>;
  from(seconds: number): void;
  callOff(): void;
}

/** Seconds until a run begins by itself: so many, or those until the next full minute. */
export function secondsUntil(begins: '5 s' | '15 s' | 'on the minute', now: Date): number {
  if (begins === 'on the minute') return Math.max(1, 60 - now.getSeconds());
  return begins === '5 s' ? 5 : 15;
}

/** Counts down to the beginning of a run. */
export function useCountIn(begin: () => void): CountIn {
  const left = ref(0);
  const count = useIntervalFn(
    () => {
      left.value -= 1;
      if (left.value <= 0) begin();
    },
    1000,
    { immediate: false },
  );
  return {
    left,
    from(seconds) {
      left.value = seconds;
      count.resume();
    },
    callOff() {
      count.pause();
      left.value = 0;
    },
  };
}
