import type { MetadataRoute } from 'next';

/** With it a phone installs Farvin beside its other programs, and its camera can hand pictures over. */
export default function manifest(): MetadataRoute.Manifest {
  const icon = (size: number, purpose: 'any' | 'maskable') => ({
    src: `/app-icon/${size}${purpose === 'maskable' ? '-maskable' : ''}`,
    sizes: `${size}x${size}`,
    type: 'image/png',
    purpose,
  });
  return {
    id: '/',
    name: 'Farvin',
    short_name: 'Farvin',
    description: 'Inspection of classic and collector cars.',
    start_url: '/yard',
    scope: '/',
    display: 'standalone',
    background_color: '#f9f5ec',
    theme_color: '#f9f5ec',
    icons: [icon(192, 'any'), icon(512, 'any'), icon(512, 'maskable')],
    share_target: {
      action: '/share',
      method: 'POST',
      enctype: 'multipart/form-data',
      params: {
        title: 'title',
        text: 'text',
        url: 'url',
        files: [{ name: 'pictures', accept: ['image/jpeg', 'image/png', 'image/webp', 'image/heic', 'image/heif'] }],
      },
    },
  } as MetadataRoute.Manifest;
}
