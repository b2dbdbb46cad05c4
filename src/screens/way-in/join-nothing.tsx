import { Link } from '@/ui/parts/link';
import { WayInPage } from './way-in-page';

const SAYS: Readonly<Record<string, string>> = {
  used: 'This link was used before. It works once: if it was you, sign in; if it was not, tell your manager.',
  withdrawn: 'This link was withdrawn. Ask the manager who sent it for a new one.',
  expired: 'This link is older than a week. Ask the manager who sent it for a new one.',
};

/** A link that lets nobody in any more, or never did. */
export function JoinNothing({ standing }: { standing: string | null }) {
  return (
    <WayInPage>
      <div className="grid max-w-md gap-4">
        <h1 className="text-2xl font-bold">This link opens nothing</h1>
        <p>{(standing && SAYS[standing]) || 'Check that it was copied whole, or ask a manager for a new one.'}</p>
        <Link className="btn justify-self-start" href="/sign-in">
          Sign in
        </Link>
      </div>
    </WayInPage>
  );
}
