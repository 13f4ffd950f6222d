import type { KeyMap } from '../keys/keyMap.ts';

/** What each key does on the Stage. */
export const STAGE_KEYS = {
  run: { keys: [' '], shown: 'Space', does: 'start, pause, go on' },
  back: { keys: ['ArrowLeft'], shown: '←', does: 'back to the start of this, then to the one before' },
  skip: { keys: ['ArrowRight'], shown: '→', does: 'skip to the next' },
  tenMore: { keys: ['+', '='], shown: '+', does: 'ten seconds more' },
  late: { keys: ['l'], shown: 'l', does: 'we’re late' },
  note: { keys: ['n'], shown: 'n', does: 'note something' },
  change: { keys: ['c'], shown: 'c', does: 'change this drill: again, not today, another' },
  demo: { keys: ['w'], shown: 'w', does: 'who’s new: show how it is done, while the others start' },
  mute: { keys: ['m'], shown: 'm', does: 'sound off or on' },
  fullScreen: { keys: ['f'], shown: 'f', does: 'full screen' },
  leave: { keys: ['Escape'], shown: 'Esc', does: 'stop or leave' },
  help: { keys: ['?'], shown: '?', does: 'show these keys' },
} as const satisfies KeyMap<string>;
export type StageKey = keyof typeof STAGE_KEYS;
