import express, { Router } from 'express';
import { JobId } from '../api/schemas.ts';
import { InvalidDocument } from '../problems/problem.ts';
import { LARGEST_FILE } from '../store/file-kind.ts';
import type { FileStore } from '../store/file-store.ts';

const LONGEST_NAME = 120;

/** Photos and mesh files of a job: the bytes are the body, the name is a query. */
export function fileRoutes(files: FileStore): Router {
  return Router()
    .put('/:id/files/:file', express.raw({ type: () => true, limit: LARGEST_FILE }), async (request, response) => {
      const { id, file } = request.params as { id: string; file: string };
      const name = typeof request.query['name'] === 'string' ? request.query['name'].slice(0, LONGEST_NAME) : '';
      if (!JobId.safeParse(file).success) throw new InvalidDocument([{ path: ['file'], reason: 'letters, digits, - and _ only, 40 at most' }]);
      const bytes = Buffer.isBuffer(request.body) ? request.body : Buffer.alloc(0);
      response.status(201).json(await files.put(id, file, name, bytes));
    })
    .get('/:id/files/:file', async (request, response) => {
      const { bytes, type } = await files.get(request.params.id, request.params.file);
      response.type(type).set('Cache-Control', 'private, max-age=31536000, immutable').send(bytes);
    });
}
