import type { NextConfig } from 'next';

const config: NextConfig = {
  poweredByHeader: false,
  // No page converts pictures by the framework: it would keep them, for everybody, after their link is withdrawn.
  images: { unoptimized: true, localPatterns: [], remotePatterns: [] },
  reactStrictMode: true,
  serverExternalPackages: [
    'sharp',
    'postgres',
    'exifr',
    'heic-decode',
    'libheif-js',
    'esbuild',
    '@react-pdf/renderer',
    'fontkit',
    'tesseract.js',
  ],
  // A server reads all its pages when it starts; one that a test asks a few of reads those that are asked.
  experimental: { preloadEntriesOnStart: process.env.FARVIN_LOAD !== 'when-asked' },
  typescript: { ignoreBuildErrors: true }, // `npm test` runs the types on their own
  headers: async () => [
    {
      source: '/:path*',
      headers: [
        { key: 'X-Content-Type-Options', value: 'nosniff' },
        { key: 'Cross-Origin-Opener-Policy', value: 'same-origin' },
        { key: 'X-Frame-Options', value: 'DENY' },
        { key: 'Cross-Origin-Resource-Policy', value: 'same-origin' },
        { key: 'X-Robots-Tag', value: 'noindex, nofollow' },
        { key: 'Referrer-Policy', value: 'same-origin' },
        { key: 'Permissions-Policy', value: 'camera=(self), geolocation=(), microphone=(self)' },
      ],
    },
    // A shared cache must not pin an old worker; the script is fetched anew with every visit.
    { source: '/serwist/:path*', headers: [{ key: 'Cache-Control', value: 'no-cache' }] },
  ],
};

export default config;
