import { Piscina } from 'piscina';
import type { CopyDatabase } from './copy-database.ts';

/** Copies on a thread that ends with the copy: a gigabyte that goes to the disk holds up nobody. @param worker the compiled module that copies */
export const copyOnThread =
  (worker: URL): CopyDatabase =>
  async (order) => {
    const pool = new Piscina({ filename: worker.href, minThreads: 1, maxThreads: 1 });
    try {
      await pool.run(order);
    } finally {
      await pool.destroy();
    }
  };
