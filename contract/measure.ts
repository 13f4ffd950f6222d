import { MEASURE_UNITS, type Measure } from '@prompt-spark/core/measures/measure';
import { REGIONS } from '@prompt-spark/core/people/region';
import Joi from 'joi';
import { id, line, listOf, name, oneOf, shape, version, yesOrNo } from './fields.ts';
import type { Kept } from './kept.ts';

/** The most that anything measured comes to, in its unit. */
const MOST = 1000;
const amount = Joi.number().min(0).max(MOST).required();

/** A measure as a coach edits it. */
export const measureSchema = shape<Measure>({
  id,
  name: name(60),
  unit: oneOf(...MEASURE_UNITS),
  sided: yesOrNo,
  better: oneOf('more', 'less'),
  least: amount,
  most: amount,
  how: listOf(Joi.string().trim().min(1).max(200))
    .min(1)
    .max(8)
    .messages({ 'array.min': 'Say how it is taken, a step a line', 'array.max': 'Eight steps at the most' }),
  region: oneOf(...REGIONS).allow(null),
  drillId: Joi.string().min(1).max(64).allow(null).required(),
  ordinary: Joi.alternatives<Measure['ordinary']>(
    shape<{ readonly units: number }>({ units: amount }),
    shape<{ readonly percent: number }>({ percent: Joi.number().min(0).max(100).required() }),
  ).required(),
  noticeable: Joi.number()
    .greater(0)
    .max(MOST)
    .required()
    .messages({ 'number.base': 'Say a number', 'number.greater': 'More than nothing' }),
  usual: line(200),
  source: line(200),
})
  .custom((value: Measure, helpers) => (value.most > value.least ? value : helpers.error('measure.bounds')))
  .messages({ 'measure.bounds': 'The most is more than the least' });

export const keptMeasureSchema = shape<Kept<Measure>>({ version, document: measureSchema });
export const measureSaveSchema = shape<Kept<Measure>>({ version: version.allow(null), document: measureSchema });
