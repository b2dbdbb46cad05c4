import AxeBuilder from '@axe-core/playwright';
import type { Page } from '@playwright/test';

/** Rules whose answer a page's size can change though it says the same in the same colours (WCAG 2.2: 1.4.4, 2.1.1, 2.5.8). */
const BY_SIZE = ['target-size', 'scrollable-region-focusable', 'meta-viewport'];

/**
 * What a common checker of accessibility has against a page as it stands (WCAG 2.2 A and AA). No page holds another's frame, so
 * that it is gone through in itself; of what is in order nothing is told, which takes longer than looking. A page that was gone
 * through whole in another size is asked by size alone.
 */
export async function analysed(page: Page, { bySize = false } = {}): Promise<string[]> {
  const checker = new AxeBuilder({ page }).setLegacyMode(true).options({ resultTypes: ['violations'] });
  const { violations } = await (bySize
    ? checker.withRules(BY_SIZE)
    : checker.withTags(['wcag2a', 'wcag2aa', 'wcag21a', 'wcag21aa', 'wcag22aa'])
  ).analyze();
  return violations.flatMap((v) => v.nodes.slice(0, 3).map((n) => `${v.id}: ${n.html.slice(0, 160)}`));
}
