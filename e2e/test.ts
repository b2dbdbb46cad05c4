import { test as base } from '@playwright/test';

export * from '@playwright/test';

/** A test whose windows are shut behind it: a page that stays open goes on hearing of every change of its house. */
export const test = base.extend<{ shutBehind: null }>({
  shutBehind: [
    async ({ browser }, use) => {
      await use(null);
      await Promise.all(browser.contexts().map((c) => c.close()));
    },
    { auto: true },
  ],
});
