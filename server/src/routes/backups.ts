import { Router } from 'express';
import { NotFound, Unfit } from '../problems/problem.ts';
import { lookInto, type Backups } from '../store/backups.ts';
import type { Database } from '../store/database.ts';
import { StartFault } from '../store/start-fault.ts';

export interface BackupParts {
  readonly backups: Backups;
  readonly database: Database;
  /** the shop is another one now */
  readonly restored: () => void;
}

/** Copies of the whole shop: which there are, one now, what is in one, one to take away, one to go back to. */
export function backupRoutes({ backups, database, restored }: BackupParts): Router {
  const pathOf = (name: string): string => {
    const path = backups.pathOf(name);
    if (path === null) throw new NotFound(`there is no copy ${name}`);
    return path;
  };
  return Router()
    .get('/', (_request, response) => {
      response.json(backups.list());
    })
    .post('/', async (_request, response) => {
      response.status(201).json(await backups.make('asked'));
    })
    .get('/:name', (request, response) => {
      response.json(fit(() => lookInto(pathOf(request.params.name))));
    })
    .get('/:name/file', (request, response) => {
      response.download(pathOf(request.params.name));
    })
    .post('/:name/restore', async (request, response) => {
      const path = pathOf(request.params.name);
      fit(() => lookInto(path));
      const before = await backups.make('restore');
      await database.replaceWith(path);
      restored();
      response.json({ before });
    });
}

/** @throws Unfit where a copy is damaged or newer than this program */
function fit<T>(look: () => T): T {
  try {
    return look();
  } catch (error) {
    throw error instanceof StartFault ? new Unfit(error.message) : error;
  }
}
