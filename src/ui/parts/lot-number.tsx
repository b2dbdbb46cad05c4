/** A lot's number as it stands on the car's windscreen. */
export function LotNumber({ n }: { n: number }) {
  return <span className="lot-number">{n}</span>;
}
