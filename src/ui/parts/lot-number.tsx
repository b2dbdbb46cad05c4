export const LOT_NUMBER_CLASS =
  'grid h-11 min-w-11 shrink-0 place-items-center rounded-cut border-2 border-ink bg-card px-1 font-head text-xl font-bold';

/** A lot's number as it stands on the car's windscreen. */
export function LotNumber({ n }: { n: number }) {
  return <span className={LOT_NUMBER_CLASS}>{n}</span>;
}
