import Joi from 'joi';
import { id, shape } from './fields.ts';

/** The most entries that one page of a list holds. */
export const PAGE_SIZE = 50;

/** Where the next page of a list begins: opaque, as it was given with the page before. */
export const cursor = Joi.string()
  .max(200)
  .pattern(/^[\w-]+$/);

/** Where the next page begins; null where there is none. */
export const nextCursor = cursor.allow(null).required();

/** Something that is stored but cannot be opened. It is told by itself, so that the list it stands in goes on. */
export interface Unreadable {
  readonly id: string;
}

export const unreadables = Joi.array()
  .items(shape<Unreadable>({ id: Joi.string().max(64).required() }).optional())
  .required();

/** The id in the address of one thing. */
export interface IdInAddress {
  readonly id: string;
}

export const idInAddress = shape<IdInAddress>({ id });

/** The id of what is not known by a UUID: a drill, an approach, a main session. */
export const nameIdInAddress = shape<IdInAddress>({ id: Joi.string().min(1).max(64).required() });
