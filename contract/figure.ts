import type { Figures, Motion } from '@prompt-spark/core/figure/motion';
import Joi from 'joi';

/**
 * The figures of the library. They come from the catalogue, whose tests check every joint: here only the shape is checked
 * as far as drawing depends on it, since a full check of some forty thousand numbers would hold up a phone.
 */
const pose = Joi.object({
  root: Joi.object().required(),
  left: Joi.object().required(),
  right: Joi.object().required(),
  leftArm: Joi.object().required(),
  rightArm: Joi.object().required(),
}).unknown();
const motion = Joi.object<Motion>({
  keyframes: Joi.array().items(pose).min(2).required(),
  loop: Joi.valid('there and back', 'round').required(),
  reps: Joi.number().positive().required(),
  natural: Joi.number().positive().required(),
}).unknown();

export const figuresSchema = Joi.object<Figures>().pattern(
  Joi.string(),
  Joi.object({ base: motion.required(), rungs: Joi.object().pattern(Joi.string(), motion).required() }),
);
