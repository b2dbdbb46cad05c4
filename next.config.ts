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
  experimental: {
    preloadEntriesOnStart: process.env.FARVIN_LOAD !== 'when-asked',
    // A build begins from nothing: what it would keep for the next one is read by nobody. Nobody downloads the server's parts.
    turbopackFileSystemCacheForBuild: false,
    serverMinification: false,
  },
  // Headers are set where requests come in (bin/answer-headers.js).
  typescript: { ignoreBuildErrors: true }, // `npm test` runs the types on their own
};

export default config;
