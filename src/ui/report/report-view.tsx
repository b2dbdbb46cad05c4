import { type ReportInput, reportParts } from '@/report/report-parts';
import { Blocks } from './blocks';

export interface ReportViewProps extends ReportInput {
  /** Address of a picture, without the size: the size and nothing else is added. */
  readonly photos: string;
  /** Address of kept films, without the hash. */
  readonly films: string;
  /** Where questions are asked, on a page that takes them. */
  readonly ask?: string;
  /** Where the records behind a statement stand, without the query. */
  readonly onRecord?: string;
}

/** What a bidder reads: summary first, then every finding with its place and pictures, then what was not seen. */
export function ReportView({ photos, films, ask, onRecord, ...input }: ReportViewProps) {
  const parts = reportParts(input);
  if (!parts) return <p className="p-6">This report names no car that this program can draw.</p>;
  const { plan, wording, sections } = parts;
  const [first, ...rest] = sections;
  const around = { plan, wording, photos, films, ask, onRecord };
  return (
    <article className="mx-auto grid max-w-4xl gap-8 px-4 py-6">
      <header className="grid gap-4">
        <div className="flex items-start gap-4">
          <span className="grid h-14 min-w-14 shrink-0 place-items-center rounded-cut border-2 border-ink px-2 font-head text-2xl font-bold">
            {parts.number}
          </span>
          <div className="min-w-0">
            <h1 className="text-2xl font-bold sm:text-3xl">{parts.title}</h1>
            <p className="text-soft">{parts.sale}</p>
            <p className="mt-1">
              <span className="stamp">{parts.standing}</span> <span className="stamp">revision {parts.revision}</span>
            </p>
          </div>
        </div>
        {parts.unreadable && <p className="border-l-4 border-ink bg-card px-4 py-3">{parts.unreadable}</p>}
        {first?.name === 'summary' && <Blocks blocks={first.blocks} {...around} />}
      </header>
      {(first?.name === 'summary' ? rest : sections).map(({ name, title, blocks }) => (
        <section key={name} className="grid gap-2" aria-label={title}>
          <h2 className="text-xl font-bold">{title}</h2>
          <Blocks blocks={blocks} {...around} />
        </section>
      ))}
    </article>
  );
}
