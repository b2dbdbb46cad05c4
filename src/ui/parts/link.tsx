// biome-ignore lint/style/noRestrictedImports: the one place that takes it from the framework.
import NextLink from 'next/link';
import type { ComponentProps } from 'react';

/**
 * A link within the application. What it leads to is fetched when somebody goes there, not when the link comes into sight: each place
 * of a lot reads the whole inspection, and five of them stand beside every place.
 */
export function Link(props: ComponentProps<typeof NextLink>) {
  return <NextLink prefetch={false} {...props} />;
}
