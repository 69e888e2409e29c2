import { DEFAULT_SHOP, readWith, Shop } from '@lift-bare/core';
import type { EntityManager } from 'typeorm';
import { InvalidDocument, StaleVersion } from '../problems/problem.ts';
import { keepCalendar, withCalendar } from './calendar-rows.ts';
import type { Database } from './database.ts';
import { ShopEntity, type ShopRow } from './entities.ts';
import { parsed } from './parsed.ts';

export interface StoredShop {
  readonly version: number;
  readonly document: Shop;
}

/** The one shop profile of this installation. Version 0 is the built-in default, not yet saved. */
export class ShopStore {
  constructor(private readonly database: Database) {}

  async get(): Promise<StoredShop> {
    const row = await this.database.read(shopRow);
    if (!row) return { version: 0, document: DEFAULT_SHOP };
    const read = readWith(Shop, parsed(row.document));
    if (!read.ok) throw new InvalidDocument(read.issues);
    return { version: row.version, document: read.value };
  }

  async replace(version: number, document: Shop): Promise<StoredShop> {
    return this.database.write(async (manager) => {
      const row = await manager.findOneBy(ShopEntity, { id: 1 });
      const current = row?.version ?? 0;
      if (current !== version) throw new StaleVersion(version, current);
      await manager.save(ShopEntity, { id: 1, version: version + 1, document: await keepCalendar(manager, document) });
      return { version: version + 1, document };
    });
  }
}

/** With its calendar; null: it was never saved. */
export async function shopRow(manager: EntityManager): Promise<ShopRow | null> {
  const kept = await manager.findOneBy(ShopEntity, { id: 1 });
  return kept && withCalendar(manager, kept);
}
