'use client';

import dynamic from 'next/dynamic';

/** The listing, whose editor is loaded by whoever opens it. */
export const Listing = dynamic(() => import('./listing').then((m) => m.ListingPlace), {
  ssr: false,
  loading: () => <p className="p-6">Loading the listing…</p>,
});
