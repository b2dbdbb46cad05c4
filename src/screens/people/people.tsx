'use client';

import { useRouter } from 'next/navigation';
import { useState } from 'react';
import { ReaderMenu } from '@/ui/parts/reader-menu';
import { PlainPage } from '@/ui/shell/plain-page';
import { plural } from '@/words/plural';
import { type InvitationShown, Invitations } from './invitations';
import { Invite } from './invite';
import { LinkShown, type MadeLink } from './link-shown';
import { type Person, PersonRow } from './person-row';

/** Who works here, in which role, what is lent to whom, and how somebody comes in. */
export function People({
  house,
  me,
  people,
  invitations,
  sales,
  mails,
}: {
  house: string;
  me: string;
  people: readonly Person[];
  invitations: readonly InvitationShown[];
  sales: readonly { readonly id: string; readonly name: string }[];
  mails: boolean;
}) {
  const router = useRouter();
  const [made, setMade] = useState<MadeLink | null>(null);
  const show = (link: MadeLink) => {
    setMade(link);
    router.refresh();
  };
  return (
    <PlainPage
      title="People"
      about={`${house}, ${plural(people.length, 'person', 'people')}`}
      menu={<ReaderMenu compact />}
    >
      <Invite mails={mails} onMade={show} />
      <Invitations invitations={invitations} />
      <section aria-labelledby="people" className="grid gap-2">
        <h2 id="people" className="text-lg font-bold">
          Who is here
        </h2>
        <p className="text-sm text-soft">
          A changed name or role counts from now on; log lines and seals of before keep what they were made under.
        </p>
        <ul className="grid gap-px overflow-hidden rounded-cut border border-line bg-line">
          {people.map((p) => (
            <PersonRow key={p.id} person={p} me={me} sales={sales} onMade={show} />
          ))}
        </ul>
      </section>
      {made && <LinkShown made={made} onClose={() => setMade(null)} />}
    </PlainPage>
  );
}
