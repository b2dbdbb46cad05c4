'use client';

import 'photoswipe/style.css';
import { useEffect } from 'react';

/** Pictures that open in place are links with these data: the address is that of the copy to open. */
export interface ViewerData {
  readonly 'data-picture': string;
  readonly 'data-width'?: number | undefined;
  readonly 'data-height'?: number | undefined;
}

const OPENS = 'a[data-picture]';
/** Where a picture's size is not known: of a usual frame. */
const USUAL = [1600, 1200] as const;

async function open(link: HTMLAnchorElement): Promise<void> {
  const { default: PhotoSwipe } = await import('photoswipe');
  const byAddress = new Map<string, HTMLAnchorElement>();
  for (const a of document.querySelectorAll<HTMLAnchorElement>(OPENS))
    if (!byAddress.has(a.href)) byAddress.set(a.href, a);
  const links = [...byAddress.values()];
  const viewer = new PhotoSwipe({
    dataSource: links.map((a) => {
      const img = a.querySelector('img');
      const width = Number(a.dataset.width) || USUAL[0];
      const height = Number(a.dataset.height) || USUAL[1];
      const full = a.href.replace(/\/2048$/, '/full');
      return {
        src: a.href,
        srcset: Math.max(width, height) > 2048 ? `${a.href} 2048w, ${full} ${width}w` : a.href,
        width,
        height,
        alt: img?.alt ?? '',
        ...(img?.currentSrc && { msrc: img.currentSrc }),
      };
    }),
    index: Math.max(
      0,
      links.findIndex((a) => a.href === link.href),
    ),
    // To the picture's own pixels and twice beyond.
    secondaryZoomLevel: 1,
    maxZoomLevel: 2,
    bgOpacity: 0.94,
    showHideAnimationType: 'none',
    closeTitle: 'Close',
    zoomTitle: 'Zoom',
    arrowPrevTitle: 'Picture before',
    arrowNextTitle: 'Next picture',
    errorMsg: 'This picture is not there now.',
  });
  viewer.on('uiRegister', () => {
    viewer.ui?.registerElement({
      name: 'caption',
      appendTo: 'root',
      onInit: (element) => {
        element.className = 'absolute inset-x-0 bottom-0 p-3 text-center text-sm text-white bg-black/60';
        viewer.on('change', () => {
          element.textContent = links[viewer.currIndex]?.dataset.picture ?? '';
        });
      },
    });
  });
  viewer.init();
}

/** Opens the pictures of the page it stands on in place: swiped, zoomed to the pixel, left by Escape. Without script they are links. */
export function PictureViewer() {
  useEffect(() => {
    const onClick = (e: MouseEvent) => {
      const link = (e.target as Element).closest<HTMLAnchorElement>(OPENS);
      if (!link || e.defaultPrevented || e.button !== 0 || e.metaKey || e.ctrlKey || e.shiftKey || e.altKey) return;
      e.preventDefault();
      open(link).catch(() => window.location.assign(link.href));
    };
    // From now on they open a dialog, which who cannot see them is told.
    const links = document.querySelectorAll(OPENS);
    for (const link of links) link.setAttribute('aria-haspopup', 'dialog');
    document.addEventListener('click', onClick);
    return () => {
      for (const link of links) link.removeAttribute('aria-haspopup');
      document.removeEventListener('click', onClick);
    };
  }, []);
  return null;
}
