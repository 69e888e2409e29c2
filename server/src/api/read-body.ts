import { readWith } from '@lift-bare/core';
import type { Request } from 'express';
import type * as z from 'zod';
import { InvalidDocument } from '../problems/problem.ts';

/** The body as its schema says, or a 422 that names every wrong place. */
export const readBody = <S extends z.ZodType>(schema: S, request: Request): z.output<S> => readAs(schema, request.body);

/** What stands behind the question mark, likewise. */
export const readQuery = <S extends z.ZodType>(schema: S, request: Request): z.output<S> => readAs(schema, { ...request.query });

function readAs<S extends z.ZodType>(schema: S, value: unknown): z.output<S> {
  const read = readWith(schema, value);
  if (!read.ok) throw new InvalidDocument(read.issues);
  return read.value;
}
