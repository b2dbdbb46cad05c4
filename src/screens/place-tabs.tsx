'use client';

import type { ReactNode } from 'react';
import { Link } from '@/ui/parts/link';
import { useLot } from '@/ui/records/inspection';
import type { Place } from './place';

export function Tab({ href, name, here }: { href: string; name: string; here: boolean }) {
  return (
    <Link
      href={href}
      aria-current={here ? 'page' : undefined}
      ref={(at) => {
        if (here) at?.scrollIntoView({ inline: 'nearest', block: 'nearest' });
      }}
      className="min-h-11 shrink-0 content-center border-b-3 border-transparent px-2.5 text-sm font-semibold whitespace-nowrap hover:bg-wash aria-[current=page]:border-thread aria-[current=page]:text-ink"
    >
      {name}
    </Link>
  );
}

/** The tabs of a place, with the open one below them. */
export function PlaceTabs({ place, open, children }: { place: Place; open: string | null; children: ReactNode }) {
  const { facts } = useLot();
  const base = `/lots/${facts.lot.id}/${place.slug}`;
  return (
    <>
      <nav
        aria-label={place.name}
        className="flex shrink-0 gap-x-1 overflow-x-auto border-b border-line bg-card px-2 lg:px-3"
      >
        <Tab href={base} name={place.first ?? place.name} here={open === null} />
        {place.tabs?.map(({ slug, name }) => (
          <Tab key={slug} href={`${base}/${slug}`} name={name} here={open === slug} />
        ))}
      </nav>
      {children}
    </>
  );
}
