import { Fragment, type ReactNode } from 'react';
import type { Plan } from '@/core/body/plan';
import type { Evidence } from '@/core/kinds/common';
import type { Block } from '@/report/block';
import type { Rests } from '@/report/rests';
import type { Wording } from '@/words/vocabulary';
import { EvidenceStamp } from '../parts/evidence-stamp';
import { BandList, Headline } from './band-blocks';
import { Behind } from './behind';
import { CoverageMap } from './coverage-block';
import { FilmBlock } from './film-block';
import { FindingGroups } from './finding-block';
import { Losses } from './losses-block';
import { Matters } from './matters-block';
import { PictureGrid, PictureStrip } from './picture-block';
import { PlanBlock } from './plan-block';
import { TableBlock } from './table-block';

/** What blocks are drawn with. */
export interface Around {
  readonly plan: Plan;
  readonly wording: Wording;
  readonly photos: string;
  readonly films: string;
  /** Where questions are asked, on a page that takes them. */
  readonly ask?: string | undefined;
  /** Where the records behind a statement stand, on a page that has them: the address without its query. */
  readonly onRecord?: string | undefined;
}

type Drawn = { readonly [K in Block['kind']]: (block: Extract<Block, { kind: K }>, around: Around) => ReactNode };

/** How a statement is known, and the way to what it rests on. */
const Known = ({
  evidence,
  rests,
  onRecord,
}: {
  evidence: Evidence;
  rests: Rests | undefined;
  onRecord: string | undefined;
}) => (
  <Behind rests={rests} onRecord={onRecord} says={`${evidence}: what is on record`}>
    <EvidenceStamp evidence={evidence} />
  </Behind>
);

/** Each kind of block on a page; on paper they are drawn by server/export/pdf/blocks.tsx. */
const DRAWN: Drawn = {
  heading: (b, { onRecord }) => (
    <h3 className="flex items-center gap-3 pt-2 font-bold">
      {b.text} {b.evidence && <Known evidence={b.evidence} rests={b.rests} onRecord={onRecord} />}
    </h3>
  ),
  para: (b, { onRecord }) => (
    <p className={`${b.tone === 'soft' ? 'text-sm text-soft' : ''} ${b.evidence ? 'text-sm' : ''}`}>
      {b.evidence && (
        <>
          <Known evidence={b.evidence} rests={b.rests} onRecord={onRecord} />{' '}
        </>
      )}
      {b.text}
    </p>
  ),
  code: (b) => (
    <pre className="overflow-x-auto border border-line bg-card p-2 text-xs">
      <code className="figure">{b.text}</code>
    </pre>
  ),
  alarm: (b) => <p className="border-l-4 border-pin bg-card px-4 py-3 font-semibold">{b.text}</p>,
  box: (b) => (
    <div className="border border-dashed border-ink/60 p-3">
      <h3 className="font-bold">{b.title}</h3>
      <p className="text-sm">{b.text}</p>
    </div>
  ),
  list: (b, { onRecord }) => {
    const items = b.items.map((i, n) => (
      <li key={n}>
        {i.lead ? (
          <Behind rests={i.rests} onRecord={onRecord}>
            <strong>{i.lead}</strong>
          </Behind>
        ) : null}{' '}
        {i.lead ? (
          i.text
        ) : (
          <Behind rests={i.rests} onRecord={onRecord}>
            {i.text}
          </Behind>
        )}
      </li>
    ));
    const List = b.style === 'ordered' ? 'ol' : 'ul';
    return (
      <div className="grid gap-1">
        {b.evidence && (
          <p>
            <Known evidence={b.evidence} rests={b.rests} onRecord={onRecord} />
          </p>
        )}
        <List className={b.style === 'bullets' ? 'grid list-disc gap-1.5 pl-5' : 'grid gap-1 text-sm'}>{items}</List>
      </div>
    );
  },
  statements: (b, { onRecord }) => (
    <ul className="divide-y divide-line border-y border-line">
      {b.items.map((i, n) => (
        <li key={n} className="flex items-start justify-between gap-3 py-2">
          <span>
            {i.text} <span className="text-sm text-soft">{i.source}</span>
          </span>
          <Known evidence={i.evidence} rests={i.rests} onRecord={onRecord} />
        </li>
      ))}
    </ul>
  ),
  facts: (b) => (
    <dl className="grid grid-cols-[auto_1fr] gap-x-4 text-sm">
      {b.rows.map(([name, value]) => (
        <div key={name} className="contents">
          <dt className="font-semibold">{name}</dt>
          <dd>{value}</dd>
        </div>
      ))}
    </dl>
  ),
  table: (b, { onRecord }) => <TableBlock block={b} onRecord={onRecord} />,
  folded: (b, around) => (
    <details open={!b.shut}>
      <summary className="min-h-9 content-center font-semibold">{b.title}</summary>
      <div className="grid gap-2 pt-2">
        <Blocks blocks={b.blocks} {...around} />
      </div>
    </details>
  ),
  headline: (b) => <Headline block={b} />,
  bands: (b) => <BandList block={b} />,
  losses: (b) => <Losses block={b} />,
  plan: (b, { plan, wording, onRecord }) => <PlanBlock block={b} plan={plan} wording={wording} onRecord={onRecord} />,
  coverage: (b, { plan, wording, onRecord }) => (
    <CoverageMap block={b} plan={plan} wording={wording} onRecord={onRecord} />
  ),
  findings: (b, { plan, photos, films, ask, onRecord }) => (
    <FindingGroups block={b} plan={plan} photos={photos} films={films} ask={ask} onRecord={onRecord} />
  ),
  film: (b, { photos, films }) => <FilmBlock block={b} photos={photos} films={films} />,
  strip: (b, { photos }) => <PictureStrip pictures={b.pictures} photos={photos} />,
  matters: (b, { plan, photos }) => <Matters block={b} plan={plan} photos={photos} />,
  pictures: (b, { photos }) => <PictureGrid pictures={b.pictures} photos={photos} />,
};

/** Blocks of a report, one below the other. */
export function Blocks({ blocks, ...around }: Around & { readonly blocks: readonly Block[] }) {
  return blocks.map((b, i) => {
    const draw = DRAWN[b.kind] as (block: Block, around: Around) => ReactNode;
    return <Fragment key={i}>{draw(b, around)}</Fragment>;
  });
}

/** A block of one kind. */
export type BlockOf<K extends Block['kind']> = Extract<Block, { kind: K }>;
