/** What a sealed record belongs to: it opens nowhere else. */
export function ownerOf(studioId: string, personId: string): string {
  return `${studioId}/${personId}`;
}

/** What the holds of somebody who was deleted belong to. */
export function leftHoldOwner(studioId: string): string {
  return `${studioId}/left holds`;
}
