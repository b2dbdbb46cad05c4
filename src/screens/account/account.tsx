'use client';

import { useRouter } from 'next/navigation';
import { useState } from 'react';
import { toast } from 'sonner';
import { type Role, roleMay } from '@/core/people/roles';
import { Link } from '@/ui/parts/link';
import { ReaderMenu } from '@/ui/parts/reader-menu';
import { PlainPage } from '@/ui/shell/plain-page';
import { momentText } from '@/words/dates';
import { ChangePassword } from './change-password';
import { deviceText } from './device';
import { Leave } from './leave';
import { OwnName } from './own-name';
import { SecondStep } from './second-step';

interface Session {
  readonly id: string;
  readonly userId: string;
  readonly who: string;
  readonly since: string;
  readonly address: string | null;
  readonly agent: string | null;
  readonly here: boolean;
}
interface Event {
  readonly at: string;
  readonly who: string | null;
  readonly what: string;
  readonly address: string;
  readonly agent: string;
}

const WHAT: Readonly<Record<string, string>> = {
  'signed-in': 'signed in',
  refused: 'wrong password',
  'locked-out': 'refused after too many tries',
  'signed-out': 'signed out',
  revoked: 'session ended',
  'password-changed': 'changed the password',
  recovered: 'set a new password by a link',
};

/** Who is signed in where, and for a manager what was tried: a lost phone is shut out from here. */
export function Account({
  me,
  sessions,
  events,
}: {
  me: { name: string; role: Role; userId: string; secondStep: boolean };
  sessions: readonly Session[];
  events: readonly Event[];
}) {
  const router = useRouter();
  const [ending, setEnding] = useState<string | null>(null);
  const end = async (session: Session) => {
    setEnding(session.id);
    const answer = await fetch(`/api/v1/sessions/${session.id}`, { method: 'DELETE' }).catch(() => null);
    setEnding(null);
    if (answer?.ok) {
      toast('The session is ended. What was typed on that device stays there until somebody signs in on it again.');
      router.refresh();
    } else toast.error('The session could not be ended. Try again when you are connected.');
  };
  return (
    <PlainPage title="Sign-ins" about={`${me.name}, ${me.role}`} menu={<ReaderMenu compact />}>
      <section aria-labelledby="open" className="grid gap-2">
        <h2 id="open" className="text-lg font-bold">
          {roleMay(me.role, 'manage') ? 'Signed in now, in your organisation' : 'Where you are signed in'}
        </h2>
        <p className="text-sm text-soft">A lost phone or a borrowed laptop: end its session here.</p>
        <ul className="grid gap-px overflow-hidden rounded-cut border border-line bg-line">
          {sessions.map((s) => (
            <li key={s.id} className="flex flex-wrap items-center gap-x-4 gap-y-1 bg-card px-3 py-2">
              <span className="min-w-40 flex-1">
                <span className="block font-semibold">{s.who}</span>
                <span className="block text-sm text-soft">{deviceText(s.agent)}</span>
              </span>
              <span className="text-sm">
                since {momentText(s.since)}
                {s.address && <span className="block text-soft">from {s.address}</span>}
              </span>
              {s.here ? (
                <span className="min-w-28 text-right text-sm font-semibold">this device</span>
              ) : (
                <button
                  type="button"
                  className="btn btn-small min-w-28"
                  disabled={ending === s.id}
                  onClick={() => void end(s)}
                >
                  End session
                </button>
              )}
            </li>
          ))}
        </ul>
      </section>
      <OwnName name={me.name} />
      <ChangePassword />
      <SecondStep on={me.secondStep} />
      <Leave />
      {roleMay(me.role, 'manage') && (
        <p>
          <Link className="btn" href="/house">
            Your house: people, keys, what was done
          </Link>
        </p>
      )}
      {roleMay(me.role, 'manage') && (
        <section aria-labelledby="past" className="grid gap-2">
          <h2 id="past" className="text-lg font-bold">
            What was tried
          </h2>
          <table className="w-full border border-line bg-card text-sm">
            <thead>
              <tr className="text-left [&>th]:border-b [&>th]:border-line [&>th]:px-3 [&>th]:py-1.5">
                <th scope="col">When</th>
                <th scope="col">Who</th>
                <th scope="col">What</th>
                <th scope="col" className="max-sm:hidden">
                  From
                </th>
              </tr>
            </thead>
            <tbody>
              {events.map((e, i) => (
                <tr key={`${e.at}-${i}`} className="[&>td]:px-3 [&>td]:py-1 odd:bg-wash">
                  <td className="whitespace-nowrap">{momentText(e.at)}</td>
                  <td>{e.who ?? 'unknown'}</td>
                  <td className={e.what === 'refused' || e.what === 'locked-out' ? 'font-semibold text-pin' : ''}>
                    {WHAT[e.what] ?? e.what}
                  </td>
                  <td className="max-sm:hidden">
                    {e.address}{' '}
                    <span className="text-soft">{e.what === 'revoked' ? e.agent : deviceText(e.agent)}</span>
                  </td>
                </tr>
              ))}
            </tbody>
          </table>
        </section>
      )}
    </PlainPage>
  );
}
