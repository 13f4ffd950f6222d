import { check } from '@prompt-spark/contract/check';
import { circuitSaveSchema } from '@prompt-spark/contract/circuit';
import { upgrade } from '@prompt-spark/contract/upgrade';
import { newRunSchema } from '@prompt-spark/contract/run';
import type Joi from 'joi';
import { drawerPrefix } from './browserKeep.ts';
import type { KeptBefore } from './keptBefore.ts';

/**
 * Brings what an earlier version of the application left in the browser into today's shape and its drawer. What does not
 * fit even then stays where it is.
 */
export function upgradeKept(all: readonly KeptBefore[], storage: Storage = localStorage): void {
  for (const { key, kind, version, drawer, id } of all) {
    const value = parsed(storage.getItem(key));
    const schema: Joi.Schema = kind === 'run' ? newRunSchema : circuitSaveSchema;
    const checked = check<unknown>(
      schema,
      kind === 'run' ? upgrade('run', value, version) : saveUpgraded(value, version),
    );
    if (!checked.ok) continue;
    storage.setItem(drawerPrefix(drawer, kind) + id, JSON.stringify(checked.value));
    storage.removeItem(key);
  }
}

/** A save holds its circuit beside what it is a save of. */
function saveUpgraded(value: unknown, version: number): unknown {
  if (typeof value !== 'object' || value === null || !('circuit' in value)) return value;
  return { ...value, circuit: upgrade('circuit', value.circuit, version) };
}

function parsed(text: string | null): unknown {
  try {
    return JSON.parse(text ?? '');
  } catch {
    return undefined;
  }
}
