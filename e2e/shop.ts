import { test as base } from '@playwright/test';
import { OwnServer } from './own-server.ts';

const FIRST_PORT = 4191;

/**
 * Tests against a shop that the worker has to itself: files run beside each other without meeting, and what is tried
 * again after a failure, which is in a new worker, meets the demo data as they were.
 */
export const test = base.extend<object, { readonly shop: OwnServer }>({
  shop: [
    async ({ playwright }, use, { parallelIndex }) => {
      const shop = new OwnServer(FIRST_PORT + parallelIndex);
      const asking = await playwright.request.newContext();
      await shop.start(asking);
      await asking.dispose();
      await use(shop);
      await shop.stop();
    },
    { scope: 'worker', auto: true },
  ],
  baseURL: ({ shop }, use) => use(shop.address),
});

export { expect } from '@playwright/test';
