import { AXES } from '@/core/catalogue/axes';
import type { PublicLot, PublicSaleFacts } from '@/core/yard/traits';
import { reportParts } from '@/report/report-parts';
import type { Snapshot } from '@/report/snapshot';
import { IntervalBand } from '@/ui/charts/interval-band';
import { FarvinMark } from '@/ui/parts/farvin-mark';
import { LotNumber } from '@/ui/parts/lot-number';
import { ReaderMenu } from '@/ui/parts/reader-menu';
import { capital } from '@/words/capital';
import { AXIS_WORDS, gradeFigures } from '@/words/grade';
import { plural } from '@/words/plural';
import { TRAIT_WORDS } from '@/words/traits';
import { PLAIN_WORDING } from '@/words/vocabulary';

interface Car {
  readonly lot: PublicLot;
  readonly snapshot: Snapshot;
}

/** Two cars of a sale side by side: pictures, grades with their doubt, what matters most on each, what was seen. No script needed. */
export function Compare({
  sale,
  base,
  lots,
  cars,
}: {
  sale: PublicSaleFacts;
  base: string;
  lots: readonly Pick<PublicLot, 'number' | 'title'>[];
  cars: readonly Car[];
}) {
  const choice = (name: 'a' | 'b', at: number) => (
    <label className="grid min-w-0 flex-1 basis-56 gap-1 text-sm font-semibold">
      {name === 'a' ? 'One car' : 'The other'}
      <select name={name} className="field font-normal" defaultValue={cars[at]?.lot.number}>
        {lots.map((l) => (
          <option key={l.number} value={l.number}>
            {l.number}: {l.title}
          </option>
        ))}
      </select>
    </label>
  );
  return (
    <>
      <header className="border-b border-line bg-card">
        <div className="mx-auto flex max-w-5xl items-center gap-3 px-4 py-2">
          <FarvinMark size={24} />
          <a href={base} className="flex-1 text-sm underline underline-offset-4">
            {sale.name}
          </a>
          <ReaderMenu compact signOut={false} />
        </div>
      </header>
      <main className="mx-auto grid max-w-5xl grid-cols-[minmax(0,1fr)] gap-5 px-4 py-6">
        <h1 className="text-2xl font-bold">Two cars side by side</h1>
        <form action={`${base}/compare`} method="get" className="sheet flex flex-wrap items-end gap-3 p-4">
          {choice('a', 0)}
          {choice('b', 1)}
          <button type="submit" className="btn btn-main">
            Show
          </button>
        </form>
        {cars.length < 2 ? (
          <p className="sheet p-4">There are not two published lots to lay side by side yet.</p>
        ) : (
          <div className="grid grid-cols-2 gap-x-3 gap-y-5 sm:gap-x-6">
            {cars.map((car) => (
              <Head key={car.lot.number} car={car} />
            ))}
            {AXES.map((axis) => (
              <Axis key={axis} axis={axis} cars={cars} />
            ))}
            <h2 className="col-span-2 text-xl font-bold">What matters most on each</h2>
            {cars.map((car) => (
              <Matters key={car.lot.number} car={car} />
            ))}
          </div>
        )}
      </main>
    </>
  );
}

function Head({ car: { lot } }: { car: Car }) {
  const address = `/r/${lot.token}`;
  return (
    <section className="grid content-start gap-2" aria-label={lot.title}>
      {lot.picture && (
        // biome-ignore lint/performance/noImgElement: derivatives are made by our own store
        <img
          src={`${address}/photos/${lot.picture}/960`}
          srcSet={`${address}/photos/${lot.picture}/320 320w, ${address}/photos/${lot.picture}/960 960w`}
          sizes="(min-width: 640px) 480px, 46vw"
          alt=""
          width={320}
          height={240}
          className="aspect-4/3 w-full rounded-cut border border-line object-cover"
        />
      )}
      <div className="flex flex-wrap items-center gap-2">
        <LotNumber n={lot.number} />
        <a href={address} className="min-w-0 flex-1 basis-28 font-bold underline underline-offset-4">
          {lot.title}
        </a>
      </div>
      <p>
        <strong>{lot.band}</strong> <span className="figure">{lot.grade && gradeFigures(lot.grade)}</span>
      </p>
      <p className="text-sm text-soft">
        {Math.round(lot.seen * 100)} % seen, {plural(lot.findings, 'finding')}
      </p>
      {lot.traits.length > 0 && <p className="text-sm">{capital(lot.traits.map((t) => TRAIT_WORDS[t]).join('; '))}</p>}
    </section>
  );
}

function Axis({ axis, cars }: { axis: (typeof AXES)[number]; cars: readonly Car[] }) {
  return (
    <div className="col-span-2 grid grid-cols-2 gap-x-3 border-t border-line pt-2 sm:gap-x-6">
      <h2 className="col-span-2 text-sm font-semibold">{capital(AXIS_WORDS[axis])}</h2>
      {cars.map(({ lot, snapshot }) => {
        const own = snapshot.results.axes.find((a) => a.axis === axis);
        const limits = snapshot.tables.grade.bands.map((b) => b.from).filter((f) => f > 0);
        return (
          <div key={lot.number}>
            {!own || own.seen === 0 ? (
              <p className="text-sm text-soft">not seen</p>
            ) : (
              <>
                <IntervalBand
                  id={`${axis}-${lot.number}`}
                  grade={own.grade}
                  limits={limits}
                  label={`lot ${lot.number}: ${gradeFigures(own.grade)} of 100`}
                  height={14}
                />
                <span className="figure text-sm">{gradeFigures(own.grade)}</span>
              </>
            )}
          </div>
        );
      })}
    </div>
  );
}

function Matters({ car: { lot, snapshot } }: { car: Car }) {
  const parts = reportParts({ snapshot, wording: PLAIN_WORDING, unit: 'um', state: 'sealed' });
  const items = (parts?.sections ?? []).flatMap((s) =>
    s.name === 'matters' ? s.blocks.flatMap((b) => (b.kind === 'matters' ? b.items : [])) : [],
  );
  return (
    <ul className="grid content-start gap-2 text-sm" aria-label={`Lot ${lot.number}`}>
      {items.length === 0 && <li>Nothing found does much to the grade or to the purse.</li>}
      {items.map((m) => (
        <li key={m.number} className="border-l-4 border-line pl-2">
          <a href={`/r/${lot.token}#finding-${m.number}`} className="font-semibold underline underline-offset-4">
            {m.title}
          </a>
        </li>
      ))}
    </ul>
  );
}
