import { Router } from 'express';
import type { Health } from '../store/health.ts';

/** Whether what is saved now reaches the disk. */
export function healthRoutes(health: Health): Router {
  return Router().get('/', async (_request, response) => {
    const { ok, trouble, jobs } = await health.look();
    response.status(ok ? 200 : 507).json({ status: ok ? 'ok' : 'not saving', trouble, jobs });
  });
}
