import { readWith } from '@lift-bare/core';
import type { Request } from 'express';
import type * as z from 'zod';
import { InvalidDocument } from '../problems/problem.ts';

/** The body as its schema says, or a 422 that names every wrong place. */
export function readBody<S extends z.ZodType>(schema: S, request: Request): z.output<S> {
  const read = readWith(schema, request.body);
  if (!read.ok) throw new InvalidDocument(read.issues);
  return read.value;
}
