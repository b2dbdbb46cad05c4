export const dynamic = 'force-dynamic';

/** The reference for requests per second: one line, rendered anew for each request. */
export default function Page() {
  return <p>One line.</p>;
}
