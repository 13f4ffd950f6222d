import { agreedFit } from '@prompt-spark/contract/fit';
import type { AgreedFit } from '@prompt-spark/core/fit/plan/plan';
import type { LocationQueryValue } from 'vue-router';

/** The plan in an address; null where there is none, or none that can be read. */
export function fitIn(query: LocationQueryValue | LocationQueryValue[] | undefined): AgreedFit | null {
  if (typeof query !== 'string') return null;
  try {
    const { error, value } = agreedFit.validate(JSON.parse(query));
    return error ? null : value;
  } catch {
    return null;
  }
}
