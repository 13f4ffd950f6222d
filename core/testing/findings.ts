import type { Finding } from '../review/finding.ts';
import { reviewCircuit, withFixTried } from '../review/reviewCircuit.ts';

/** What a review finds, with every fix of it tried as it is before it is offered. */
export function findingsOf(...circuitAndPlace: Parameters<typeof reviewCircuit>): readonly Finding[] {
  const review = reviewCircuit(...circuitAndPlace);
  return review.findings.map((finding) => withFixTried(finding, review));
}
