import type { ReactNode } from 'react';
import { Link } from '@/ui/parts/link';
import { FarvinMark } from '../parts/farvin-mark';

const WIDTHS = { text: 'max-w-4xl', table: 'max-w-7xl' } as const;

/** A page beside the lots: mark, title, what it is about, the way back to the Yard, and its content. */
export function PlainPage({
  title,
  about,
  width = 'text',
  menu,
  children,
}: {
  title: string;
  about: ReactNode;
  width?: keyof typeof WIDTHS;
  /** What stands at the end of the head. */
  menu?: ReactNode;
  children: ReactNode;
}) {
  return (
    <div className="min-h-full">
      <header className="border-b border-line bg-card">
        <div className={`mx-auto flex ${WIDTHS[width]} items-center gap-3 px-4 py-3`}>
          <FarvinMark />
          <div className="min-w-0 flex-1">
            <h1 className="text-xl font-bold">{title}</h1>
            <p className="text-sm text-soft">{about}</p>
          </div>
          <Link href="/yard" className="btn btn-small">
            Yard
          </Link>
          {menu}
        </div>
      </header>
      <main className={`mx-auto grid ${WIDTHS[width]} grid-cols-[minmax(0,1fr)] gap-6 px-4 py-5`}>{children}</main>
    </div>
  );
}
