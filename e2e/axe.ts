import AxeBuilder from '@axe-core/playwright';
import type { Page } from '@playwright/test';

/**
 * What a common checker of accessibility has against a page as it stands (WCAG 2.2 A and AA). No page holds another's frame, so
 * that it is gone through in itself; of what is in order nothing is told, which takes longer than looking. Text against its ground
 * takes longer than all the rest together: a page that was looked at for it in another size may leave it out.
 */
export async function analysed(page: Page, { contrast = true } = {}): Promise<string[]> {
  const checker = new AxeBuilder({ page })
    .setLegacyMode(true)
    .options({ resultTypes: ['violations'] })
    .withTags(['wcag2a', 'wcag2aa', 'wcag21a', 'wcag21aa', 'wcag22aa']);
  const { violations } = await (contrast ? checker : checker.disableRules('color-contrast')).analyze();
  return violations.flatMap((v) => v.nodes.slice(0, 3).map((n) => `${v.id}: ${n.html.slice(0, 160)}`));
}
