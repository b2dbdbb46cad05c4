import AxeBuilder from '@axe-core/playwright';
import type { Page } from '@playwright/test';

/**
 * What a common checker of accessibility has against a page as it stands (WCAG 2.2 A and AA). No page holds another's frame, so
 * that it is gone through in itself; of what is in order nothing is told, which takes longer than looking.
 */
export async function analysed(page: Page): Promise<string[]> {
  const { violations } = await new AxeBuilder({ page })
    .setLegacyMode(true)
    .options({ resultTypes: ['violations'] })
    .withTags(['wcag2a', 'wcag2aa', 'wcag21a', 'wcag21aa', 'wcag22aa'])
    .analyze();
  return violations.flatMap((v) => v.nodes.slice(0, 3).map((n) => `${v.id}: ${n.html.slice(0, 160)}`));
}
