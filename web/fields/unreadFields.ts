import { inject, onScopeDispose, provide, shallowReactive, watch, type InjectionKey, type Ref } from 'vue';

type Unread = Set<Ref<string>>;
const KEY: InjectionKey<Unread> = Symbol('fields that cannot be read');

/**
 * For a form: whether a field in it holds something that cannot be read. The form's value is then not what the coach
 * typed, and must not be kept as if it were.
 */
export function watchUnread(): () => boolean {
  const unread: Unread = shallowReactive(new Set());
  provide(KEY, unread);
  return () => unread.size > 0;
}

/** For a field: tells the form it stands in, if there is one, while something is wrong with it. */
export function reportUnread(problem: Ref<string>): void {
  const unread = inject(KEY, undefined);
  if (!unread) return;
  watch(problem, (words) => (words === '' ? unread.delete(problem) : unread.add(problem)), { flush: 'sync' });
  onScopeDispose(() => unread.delete(problem));
}
