/** While a lot's records are on their way. */
export default function Loading() {
  return (
    <p role="status" className="grid flex-1 place-content-center p-6 text-soft">
      Laying out the car …
    </p>
  );
}
