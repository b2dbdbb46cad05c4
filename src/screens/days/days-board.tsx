import {
  DndContext,
  type DragEndEvent,
  KeyboardSensor,
  PointerSensor,
  useDraggable,
  useDroppable,
  useSensor,
  useSensors,
} from '@dnd-kit/core';
import { Cloud, CloudRain, Download, FileText, GripVertical, KeyRound } from 'lucide-react';
import type { ReactNode } from 'react';
import type { DaysPlan, TimedVisit } from '@/core/days/days-plan';
import type { LotToVisit } from '@/core/days/lots-to-route';
import type { Span } from '@/core/days/visit-order';
import { timeOf } from '@/core/time/minutes';
import { Link } from '@/ui/parts/link';
import { saveFile } from '@/ui/save-file';
import { dayText } from '@/words/dates';
import { minutesText } from '@/words/minutes';
import { clashesOf } from '@/words/visit-clashes';
import type { To } from './use-days';

interface Board {
  readonly plan: DaysPlan;
  readonly timed: readonly TimedVisit[];
  readonly days: readonly string[];
  readonly today: string;
  readonly lots: ReadonlyMap<string, LotToVisit>;
  readonly sale: { readonly id: string; readonly name: string };
  readonly onMove: (lot: string, to: To | null) => void;
  /** Sunrise to sunset by day, where the place is known. */
  readonly light: readonly (Span | null)[];
  readonly onWet: (day: number) => void;
  /** Hours of each day, as they are left. */
  readonly hours: readonly Span[];
}

/** A column for each inspector, a band of the tape for each day; a visit is moved by what it says of itself. */
export function DaysBoard({ unplanned, ...board }: Board & { readonly unplanned: readonly LotToVisit[] }) {
  const { plan, days, timed, today } = board;
  const busy = days.flatMap((day, d) => (timed.some((v) => v.day === d) ? [[day, d] as const] : []));
  const sensors = useSensors(
    // A short way first, so that a touch on a link or a list stays one.
    useSensor(PointerSensor, { activationConstraint: { distance: 8 } }),
    useSensor(KeyboardSensor),
  );
  const dropped = ({ active, over }: DragEndEvent) => {
    const [inspector, day] = String(over?.id ?? '')
      .split(' ')
      .map(Number);
    if (over && inspector !== undefined && day !== undefined) board.onMove(String(active.id), { inspector, day });
  };
  return (
    <DndContext id="days" sensors={sensors} onDragEnd={dropped}>
      <div className="grid grid-cols-[minmax(0,1fr)] gap-4">
        {plan.visits.length > 0 && (
          <p className="flex flex-wrap gap-2">
            {plan.inspectors.map((name) => (
              <span key={name} className="flex flex-wrap gap-1">
                <button type="button" className="btn btn-small" onClick={() => void calendarOf(name, board)}>
                  <Download size={14} aria-hidden="true" /> {name}, calendar file
                </button>
                <a
                  className="btn btn-small"
                  href={`/api/v1/sales/${board.sale.id}/days/sheet.pdf?person=${encodeURIComponent(name)}`}
                >
                  <FileText size={14} aria-hidden="true" /> Sheet<span className="sr-only"> of {name}, as kept</span>
                </a>
              </span>
            ))}
          </p>
        )}
        {busy.map(([day, d]) => (
          <section key={day} aria-label={dayText(day)}>
            <div className="flex flex-wrap items-center gap-x-4 bg-tape px-3 py-1 text-tape-ink">
              <h2 className="font-bold">
                {dayText(day)}
                {day === today && ', today'}
                {day < today && ', gone by'}
                {day >= today &&
                  plan.since?.day === d &&
                  plan.since.minute > plan.opens &&
                  `, from ${timeOf(plan.since.minute)} on`}
              </h2>
              {board.light[d] && (
                <span className="text-sm">
                  light {timeOf(board.light[d][0])}–{timeOf(board.light[d][1])}
                </span>
              )}
              <button
                type="button"
                className="ml-auto flex min-h-9 items-center gap-1 px-1 text-sm aria-pressed:font-bold"
                aria-pressed={plan.wet.includes(d)}
                onClick={() => board.onWet(d)}
              >
                {plan.wet.includes(d) ? (
                  <CloudRain size={18} aria-hidden="true" />
                ) : (
                  <Cloud size={18} aria-hidden="true" />
                )}
                {plan.wet.includes(d) ? 'rain: no paint in the open' : 'rain?'}
              </button>
            </div>
            <div className="grid grid-cols-[minmax(0,1fr)] gap-3 border-x border-b border-line p-3 sm:grid-cols-2">
              {plan.inspectors.map((name, i) => {
                const own = timed.filter((v) => v.day === d && v.inspector === name);
                return (
                  <Cell key={name} id={`${i} ${d}`}>
                    <h3 className="text-sm font-semibold">
                      {name}
                      {day >= today && <Spare visits={own} until={board.hours[d]![1]} />}
                    </h3>
                    <ol className="grid grid-cols-[minmax(0,1fr)] gap-1.5">
                      {own.map((v) => (
                        <Visit key={v.lot} visit={v} at={{ inspector: i, day: d }} {...board} />
                      ))}
                    </ol>
                  </Cell>
                );
              })}
            </div>
          </section>
        ))}
        {unplanned.length > 0 && plan.visits.length > 0 && (
          <section className="sheet grid gap-2 p-4" aria-label="Without a visit">
            <h2 className="font-bold">Without a visit</h2>
            <ul className="grid gap-1.5">
              {unplanned.map((l) => (
                <li key={l.id} className="flex flex-wrap items-center gap-2">
                  <span className="min-w-0 flex-1">
                    <span className="figure font-semibold">{l.number}</span> {l.title}
                  </span>
                  <Move lot={l.id} at={null} {...board} />
                </li>
              ))}
            </ul>
          </section>
        )}
      </div>
    </DndContext>
  );
}

/** What is left of a person's day after the last visit. */
function Spare({ visits, until }: { visits: readonly TimedVisit[]; until: number }) {
  const minutes = until - Math.max(...visits.map((v) => v.to));
  if (visits.length === 0 || minutes < 1) return null;
  return <span className="ml-2 font-normal text-soft">{minutesText(minutes)} to spare</span>;
}

/** Where a visit is let go: a person's day. */
function Cell({ id, children }: { id: string; children: ReactNode }) {
  const { setNodeRef, isOver } = useDroppable({ id });
  return (
    <div
      ref={setNodeRef}
      className={`grid min-w-0 grid-cols-[minmax(0,1fr)] content-start gap-1 ${isOver ? 'outline-2 outline-thread outline-dashed' : ''}`}
    >
      {children}
    </div>
  );
}

function Visit({ visit: v, at, ...board }: Board & { readonly visit: TimedVisit; readonly at: To }) {
  const lot = board.lots.get(v.lot)!;
  const clashes = clashesOf(v);
  const { setNodeRef, setActivatorNodeRef, listeners, attributes, transform } = useDraggable({ id: v.lot });
  return (
    <li
      ref={setNodeRef}
      style={
        transform
          ? { transform: `translate(${transform.x}px, ${transform.y}px)`, zIndex: 10, position: 'relative' }
          : undefined
      }
      className={`grid grid-cols-[minmax(0,1fr)] gap-1 border border-line bg-card p-2 ${clashes.length > 0 ? 'border-l-4 border-l-pin' : ''}`}
    >
      <div className="flex items-baseline gap-2">
        <button
          type="button"
          ref={setActivatorNodeRef}
          {...listeners}
          {...attributes}
          aria-label={`Lot ${lot.number}: take it to another day or person`}
          className="-m-1 cursor-grab touch-none self-center p-1 text-soft"
        >
          <GripVertical size={18} aria-hidden="true" />
        </button>
        <span className="figure font-semibold">
          {timeOf(v.from)}–{timeOf(v.to)}
        </span>
        <Link href={`/lots/${lot.id}/walk`} className="min-w-0 flex-1 truncate hover:underline">
          <span className="figure font-semibold">{lot.number}</span> {lot.title}
        </Link>
      </div>
      <p className="text-sm text-soft">
        {[
          lot.stands,
          v.pitTo > v.pitFrom && `pit ${timeOf(v.pitFrom)}–${timeOf(v.pitTo)}`,
          lot.reportDueOn && `due ${dayText(lot.reportDueOn)}`,
        ]
          .filter(Boolean)
          .join(' · ')}
      </p>
      {lot.keysWith && (
        <p className="flex items-center gap-1 text-sm text-soft">
          <KeyRound size={14} aria-hidden="true" /> {lot.keysWith}
        </p>
      )}
      {clashes.length > 0 && <p className="text-sm font-semibold">{clashes.join('; ')}</p>}
      <Move lot={v.lot} at={at} {...board} />
    </li>
  );
}

/** Where a visit goes instead. */
function Move({ lot, at, plan, days, lots, onMove }: Board & { readonly lot: string; readonly at: To | null }) {
  return (
    <select
      className="field min-h-11 w-full min-w-0 text-sm"
      aria-label={`Lot ${lots.get(lot)?.number}: who and when`}
      value={at ? `${at.inspector} ${at.day}` : ''}
      onChange={(e) => {
        const [inspector, day] = e.target.value.split(' ').map(Number);
        onMove(lot, e.target.value === '' ? null : { inspector: inspector!, day: day! });
      }}
    >
      <option value="">no visit</option>
      {days.map((day, d) =>
        plan.inspectors.map((name, i) => (
          <option key={`${i} ${d}`} value={`${i} ${d}`}>
            {dayText(day)}, {name}
          </option>
        )),
      )}
    </select>
  );
}

/** A person's visits as a calendar file. */
async function calendarOf(name: string, { timed, days, lots, sale }: Board): Promise<void> {
  const { visitsIcs } = await import('@/report/visits-ics');
  const own = timed.filter((v) => v.inspector === name);
  const text = visitsIcs(
    own.map((v) => ({ ...v, on: days[v.day]!, lot: lots.get(v.lot)! })),
    sale,
    name,
  );
  saveFile(`${name.toLowerCase().replaceAll(/[^a-z0-9]+/g, '-')}.ics`, new Blob([text], { type: 'text/calendar' }));
}
