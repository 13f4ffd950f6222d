import {
  circuitRecordSchema,
  circuitRecordsSchema,
  type CircuitDraft,
  type CircuitRecord,
} from '@prompt-spark/contract/circuit';
import { ROUTES } from '@prompt-spark/contract/routes';
import { defineStore } from 'pinia';
import { shallowRef } from 'vue';
import { request, tell } from '../api/request.ts';

/** The studio's circuits. */
export const useCircuitsStore = defineStore('circuits', () => {
  const records = shallowRef<readonly CircuitRecord[]>([]);
  const loaded = shallowRef(false);

  async function load(): Promise<void> {
    records.value = await request(ROUTES.circuits, circuitRecordsSchema);
    loaded.value = true;
  }

  /** Adds a circuit and gives its record. */
  async function add(draft: CircuitDraft): Promise<CircuitRecord> {
    const id = crypto.randomUUID();
    const record = await request(ROUTES.addCircuit, circuitRecordSchema, { body: { ...draft, id } });
    records.value = [record, ...records.value];
    return record;
  }

  /** Takes a circuit out of the list; it can be brought back. */
  async function takeOut(id: string): Promise<void> {
    await tell(ROUTES.takeOutCircuit, { id });
    records.value = records.value.filter((record) => record.id !== id);
  }

  async function bringBack(id: string): Promise<void> {
    await tell(ROUTES.bringBackCircuit, { id });
    await load();
  }

  return { records, loaded, load, add, takeOut, bringBack };
});
