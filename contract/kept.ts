import Joi from 'joi';

/** What a standard of the studio's own is known by. */
export const standardId = Joi.string()
  .pattern(/^[a-z0-9-]{1,64}$/)
  .required();

/** A document of a studio's own, with the version it was last saved as; null for one that was never kept. */
export interface Kept<Document> {
  readonly version: number | null;
  readonly document: Document;
}
