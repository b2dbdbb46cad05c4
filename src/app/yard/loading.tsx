/** While the sale's lots are on their way. */
export default function Loading() {
  return (
    <p role="status" className="grid min-h-full place-content-center p-6 text-soft">
      Opening the Yard …
    </p>
  );
}
