'use client';

import { Search } from 'lucide-react';
import type { RecordKind } from '@/core/kinds';
import type { Found } from '@/core/yard/found';
import { Link } from '@/ui/parts/link';
import { LotNumber } from '@/ui/parts/lot-number';
import { ReaderMenu } from '@/ui/parts/reader-menu';
import { PlainPage } from '@/ui/shell/plain-page';
import { KIND_WORDS } from '@/words/kinds';
import { plural } from '@/words/plural';

/** One field that looks through everything one may see: lots, and what stands in their records. */
export function Find({ asked, found }: { asked: string; found: Found }) {
  const none = found.lots.length + found.texts.length === 0;
  return (
    <PlainPage title="Find" about="In every lot that you may see" menu={<ReaderMenu compact />}>
      <form action="/find" className="flex gap-2">
        <label className="relative min-w-0 flex-1">
          <span className="sr-only">Words to look for</span>
          <Search size={18} aria-hidden="true" className="absolute top-1/2 left-3 -translate-y-1/2 text-soft" />
          <input
            className="field pl-10"
            name="q"
            type="search"
            minLength={2}
            maxLength={100}
            required
            defaultValue={asked}
            placeholder="A number, name, place, chassis number, or words of a note"
          />
        </label>
        <button type="submit" className="btn btn-main">
          Find
        </button>
      </form>
      {asked === '' ? (
        <p className="text-soft">
          Looks through lot numbers and names, who brings and who looks, where cars stand, and every text that was
          entered: notes, claims, captions, chassis numbers.
        </p>
      ) : none ? (
        <p className="sheet p-6">
          Nothing that you may see holds “{asked}”. All of its words must stand together in one place; fewer find more.
        </p>
      ) : (
        <>
          {found.lots.length > 0 && (
            <section aria-labelledby="lots" className="grid gap-2">
              <h2 id="lots" className="text-lg font-bold">
                {plural(found.lots.length, 'lot')}
              </h2>
              <ul className="grid gap-px overflow-hidden rounded-cut border border-line bg-line">
                {found.lots.map((l) => (
                  <li key={l.id} className="bg-card">
                    <Link href={`/lots/${l.id}/intake`} className="flex items-center gap-4 px-3 py-2 hover:bg-wash">
                      <LotNumber n={l.number} />
                      <span className="min-w-0 flex-1">
                        <span className="block truncate font-semibold">
                          {l.title}
                          {l.withdrawn && <span className="font-normal text-pin"> withdrawn</span>}
                        </span>
                        <span className="block truncate text-sm text-soft">
                          {[
                            `${l.sale}${l.saleState === 'open' ? '' : ` (${l.saleState})`}`,
                            l.stands && `stands ${l.stands}`,
                            l.consignor && `brought by ${l.consignor}`,
                            l.keeper,
                          ]
                            .filter(Boolean)
                            .join(' · ')}
                        </span>
                      </span>
                    </Link>
                  </li>
                ))}
              </ul>
            </section>
          )}
          {found.more && (
            <p className="text-sm text-soft">There may be more than is shown here: another word narrows it.</p>
          )}
          {found.texts.length > 0 && (
            <section aria-labelledby="texts" className="grid gap-2">
              <h2 id="texts" className="text-lg font-bold">
                In what was entered
              </h2>
              <ul className="grid gap-px overflow-hidden rounded-cut border border-line bg-line">
                {found.texts.map((t, i) => (
                  <li key={`${t.lotId} ${i}`} className="bg-card">
                    <Link href={`/lots/${t.lotId}/walk`} className="flex items-center gap-4 px-3 py-2 hover:bg-wash">
                      <LotNumber n={t.number} />
                      <span className="min-w-0 flex-1">
                        <span className="block wrap-anywhere">{t.text}</span>
                        <span className="block truncate text-sm text-soft">
                          {KIND_WORDS[t.kind as RecordKind]?.name ?? t.kind}, {t.title}
                        </span>
                      </span>
                    </Link>
                  </li>
                ))}
              </ul>
            </section>
          )}
        </>
      )}
    </PlainPage>
  );
}
