/** Described with every page, so that it is there when it is wanted: plain markup, and a plain link. */
export default function NotFound() {
  return (
    <main className="mx-auto grid min-h-full max-w-xl content-center gap-4 p-6">
      <h1 className="text-3xl font-bold">Nothing here for you</h1>
      <p>This page does not exist, was withdrawn, or belongs to somebody else.</p>
      <p>
        <a className="btn" href="/yard">
          Go to the Yard
        </a>
      </p>
    </main>
  );
}
