import { createSerwistRoute } from '@serwist/turbopack';

/** The service worker, built with the application, with the list of files that open it without a network. */
export const { dynamic, dynamicParams, revalidate, generateStaticParams, GET } = createSerwistRoute({
  swSrc: 'src/workers/service-worker.ts',
  useNativeEsbuild: true,
  globPatterns: ['.next/static/**/*.{js,css,woff2}'],
  additionalPrecacheEntries: [{ url: '/icon.svg', revision: process.env.npm_package_version ?? '1' }],
  maximumFileSizeToCacheInBytes: 4_000_000,
});
