import type { PublishedKeys } from '@/core/seal/known-keys';
import { FarvinMark } from '@/ui/parts/farvin-mark';
import { momentText } from '@/words/dates';

/** Every key of a house with the time in which it sealed, for whoever checks a report. */
export function HouseKeys({ keys, address }: { keys: PublishedKeys; address: string }) {
  return (
    <main className="mx-auto grid max-w-3xl gap-5 px-4 py-6">
      <header className="flex items-center gap-3">
        <FarvinMark size={28} />
        <h1 className="text-2xl font-bold">Keys of {keys.organisation.name}</h1>
      </header>
      <p>
        Reports of this house are sealed with the keys below (Ed25519). A report sealed with any other key is not its
        own, whatever name stands on it. Keep this list from a day before you need it, or ask the house to read you the
        first digits on the telephone.
      </p>
      <ul className="grid gap-3">
        {keys.keys.map((k) => (
          <li key={k.id} className="sheet grid gap-1 p-4">
            <span className="figure break-all">{k.publicKey}</span>
            <span className="text-sm">
              seals from {momentText(k.validFrom)} {k.validTo ? `to ${momentText(k.validTo)}` : 'on'}
            </span>
            {k.revokedAt && (
              <strong className="text-sm text-pin">
                Revoked{k.revokedFrom ? ` for everything sealed from ${momentText(k.revokedFrom)} on` : ''}:{' '}
                {k.revokedWhy}
              </strong>
            )}
          </li>
        ))}
      </ul>
      <p className="flex flex-wrap gap-2">
        <a className="btn" href={address}>
          Keys as JSON
        </a>
        <a className="btn" href={address.replace(/keys\.json$/, 'seals.json')}>
          Seals in their order, JSON
        </a>
      </p>
      <p className="text-sm text-soft">
        Each seal names the one before it, signed. Whoever keeps the list from a day before sees it when a seal was put
        in between later.
      </p>
    </main>
  );
}
