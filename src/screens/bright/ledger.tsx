'use client';

import { completenessOf, type LedgerLine, type OddPane, unevenPairs } from '@/core/bright/ledger';
import { PIECE_SORTS, sortOf } from '@/core/catalogue/pieces';
import { PieceRow } from '@/ui/bright/piece-row';
import { ToWalk } from '@/ui/chapter/aspect-findings';
import { useWording } from '@/ui/preferences';
import { useCar, useJudged } from '@/ui/records/inspection';
import { oddPaneText, PIECE_SORT_WORDS, pieceName, pieceRemedyText, pieceText } from '@/words/pieces';
import { plural } from '@/words/plural';
import { zoneName } from '@/words/zones';

const NONE: readonly LedgerLine[] = [];
const NO_PANES: readonly OddPane[] = [];
const COUNTS = [
  ['fitted', 'fitted'],
  ['along', 'come along'],
  ['missing', 'missing'],
  ['wrong', 'wrong'],
  ['unsaid', 'not said'],
] as const;

/** How complete the car is, the pieces that want something, and what comes along. */
export function Ledger() {
  const { car } = useCar();
  const wording = useWording(car?.steering);
  const lines = useJudged((j) => j.judgement?.bright.ledger ?? NONE);
  const odd = useJudged((j) => j.judgement?.bright.oddPanes ?? NO_PANES);
  if (lines.length === 0) return null;
  const counts = completenessOf(lines);
  const wanting = lines.filter(
    ({ record }) => record && (record.body.presence !== 'fitted' || record.body.faults.length > 0),
  );
  const uneven = unevenPairs(lines);
  const open = lines.filter((l) => l.zone !== null && !l.record);
  const whole = lines.filter((l) => l.zone === null);
  const placed = (zone: string) => zoneName(zone, wording);
  return (
    <>
      <section className="grid gap-2 border-b border-line p-4" aria-label="Completeness">
        <h2 className="text-lg font-bold">Completeness</h2>
        <dl className="grid grid-cols-5 gap-1 text-center">
          {COUNTS.map(([key, says]) => (
            <div key={key} className={`border p-1 ${key === 'unsaid' ? 'border-dashed border-ink/60' : 'border-line'}`}>
              <dd className="figure text-xl font-semibold">{counts[key]}</dd>
              <dt className="text-xs text-soft">{says}</dt>
            </div>
          ))}
        </dl>
        {open.length > 0 && (
          <p className="text-sm text-soft">
            {plural(open.length, 'piece')} on the car not said yet; the first:{' '}
            <ToWalk zone={open[0]!.zone!}>{placed(open[0]!.zone!)}</ToWalk>, {open[0]!.of.name}. They are said on the
            walk, at their place.
          </p>
        )}
      </section>
      {(wanting.length > 0 || uneven.length > 0 || odd.length > 0) && (
        <section className="grid gap-2 border-b border-line p-4" aria-label="Pieces that want something">
          <h2 className="text-lg font-bold">Pieces that want something</h2>
          {PIECE_SORTS.map((sort) => {
            const own = wanting.filter((l) => sortOf(l.of) === sort);
            return own.length === 0 ? null : (
              <div key={sort} className="grid gap-1.5 text-sm">
                <h3 className="font-semibold text-soft">{PIECE_SORT_WORDS[sort]}</h3>
                <ul className="grid gap-1.5">
                  {own.map((l) => (
                    <Wanting key={l.id} line={l} place={l.zone ? placed(l.zone) : ''} />
                  ))}
                </ul>
              </div>
            );
          })}
          <ul className="grid gap-1.5 text-sm">
            {odd.map((o) => (
              <li key={`${o.line.id}/${o.says}`} className="border-l-2 border-dashed border-ink/50 pl-2">
                <strong>{placed(o.line.zone ?? '')}</strong>: {oddPaneText(o)}
              </li>
            ))}
            {uneven.map(([a, b]) => (
              <li key={`${a.id}/${b.id}`} className="border-l-2 border-ink/50 pl-2">
                <strong>{placed(a.zone ?? '')}</strong> and <strong>{placed(b.zone ?? '')}</strong>: of two {a.of.name}s
                one was plated again and one was not.
              </li>
            ))}
          </ul>
        </section>
      )}
      <section className="grid gap-2 border-b border-line p-4" aria-label="What comes along">
        <h2 className="text-lg font-bold">What comes along</h2>
        <ul className="grid gap-2">
          {whole.map((l) => (
            <PieceRow key={l.id} line={l} name={l.of.name} />
          ))}
        </ul>
      </section>
    </>
  );
}

/** A piece that is not as it should be, with what puts it right. */
function Wanting({ line, place }: { line: LedgerLine; place: string }) {
  const body = line.record!.body;
  const remedy = pieceRemedyText(line.of, body.faults);
  return (
    <li className="border-l-2 border-ink/50 pl-2">
      <strong className="first-letter:uppercase">{pieceName(place, line.of.name)}</strong>: {pieceText(body)}
      {remedy && <span className="block text-soft first-letter:uppercase">{remedy}.</span>}
    </li>
  );
}
