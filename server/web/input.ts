import { check, keepable } from '@prompt-spark/contract/check';
import type { Request } from 'express';
import Joi from 'joi';
import { notFound, Refusal } from './problem.ts';

/**
 * A request body that fits its schema.
 *
 * @throws Refusal 422 with the path of every field that is wrong
 */
export function bodyOf<T>(request: Request, schema: Joi.Schema<T>): T {
  return checked(schema, request.body, 'The request body');
}

/** A query string that fits its schema. */
export function queryOf<T>(request: Request, schema: Joi.Schema<T>): T {
  return checked(schema, { ...request.query }, 'The address');
}

function checked<T>(schema: Joi.Schema<T>, value: unknown, what: string): T {
  const result = check(schema, value);
  if (result.ok) return result.value;
  const [first] = result.errors;
  const detail = `${what} has something wrong: ${first?.message ?? 'it is missing'}.`;
  throw new Refusal(422, 'Not valid', detail, { errors: result.errors });
}

/**
 * The id in a path. What is no UUID is no id of anything here.
 *
 * @throws Refusal 404
 */
export function idOf(request: Request, what: string): string {
  const { error, value } = Joi.string().guid().required().validate(request.params['id']);
  if (error || typeof value !== 'string') throw notFound(what);
  return value;
}

/**
 * The id in a path of what is not known by a UUID: a drill, an approach, a main session.
 *
 * @throws Refusal 404
 */
export function nameIdOf(request: Request, what: string): string {
  const id = request.params['id'];
  if (typeof id !== 'string' || !keepable(id)) throw notFound(what);
  return id;
}
