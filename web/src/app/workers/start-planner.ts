export const startPlanner = (): Worker => new Worker(new URL('./planner.worker', import.meta.url), { type: 'module' });
