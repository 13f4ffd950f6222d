import type { KeyMap } from '../keys/keyMap.ts';
import { say as shared } from '../wording/say.ts';
import { say } from './say.ts';

const { keyNames: NAMES } = shared;

/** What each key does on the Stage. */
export const STAGE_KEYS = {
  run: { keys: [' '], shown: NAMES.space, does: say.stageKeys.run },
  back: { keys: ['ArrowLeft'], shown: '←', does: say.stageKeys.back },
  skip: { keys: ['ArrowRight'], shown: '→', does: say.stageKeys.skip },
  tenMore: { keys: ['+', '='], shown: '+', does: say.stageKeys.tenMore },
  late: { keys: ['l'], shown: 'l', does: say.stageKeys.late },
  note: { keys: ['n'], shown: 'n', does: say.stageKeys.note },
  change: { keys: ['c'], shown: 'c', does: say.stageKeys.change },
  demo: { keys: ['w'], shown: 'w', does: say.stageKeys.demo },
  mute: { keys: ['m'], shown: 'm', does: say.stageKeys.mute },
  fullScreen: { keys: ['f'], shown: 'f', does: say.stageKeys.fullScreen },
  leave: { keys: ['Escape'], shown: NAMES.escape, does: say.stageKeys.leave },
  help: { keys: ['?'], shown: '?', does: say.stageKeys.help },
} as const satisfies KeyMap<string>;
export type StageKey = keyof typeof STAGE_KEYS;
