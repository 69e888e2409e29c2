export const startPictures = (): Worker => new Worker(new URL('./picture.worker', import.meta.url), { type: 'module' });
