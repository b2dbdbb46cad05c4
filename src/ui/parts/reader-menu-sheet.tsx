'use client';

import { useRouter } from 'next/navigation';
import { Popover } from 'radix-ui';
import { useState } from 'react';
import { Link } from '@/ui/parts/link';
import { usePreferences } from '../preferences';
import type { Preferences } from '../preferences-cookie';
import { TRIGGER_NAME, TriggerFace, triggerClass } from './reader-menu-face';

const CHOICES: readonly {
  key: keyof Preferences;
  label: string;
  options: readonly (readonly [value: string, label: string])[];
}[] = [
  {
    key: 'words',
    label: 'Words',
    options: [
      ['en-GB', 'bonnet, wing, boot'],
      ['en-US', 'hood, fender, trunk'],
    ],
  },
  {
    key: 'sides',
    label: 'Sides',
    options: [
      ['left-right', 'left, right'],
      ['driver-passenger', 'driver, passenger'],
      ['nearside-offside', 'nearside, offside'],
    ],
  },
  {
    key: 'kerb',
    label: 'Kerb',
    options: [
      ['left', 'on the left'],
      ['right', 'on the right'],
    ],
  },
  {
    key: 'unit',
    label: 'Thickness',
    options: [
      ['um', 'µm'],
      ['mil', 'mil'],
    ],
  },
  {
    key: 'theme',
    label: 'Light',
    options: [
      ['paper', 'paper'],
      ['pit', 'dark pit'],
    ],
  },
];

const BESIDE = [
  ['/account', 'Sign-ins'],
  ['/device', 'This device'],
  ['/house', 'House'],
] as const;

/** How the reader wants words, sides, units and light; and the way out. */
export default function ReaderMenu({ signOut, compact }: { signOut: boolean; compact: boolean }) {
  const { preferences, set } = usePreferences();
  const router = useRouter();
  const [problem, setProblem] = useState('');
  const leave = async () => {
    const out = await fetch('/api/auth/sign-out', {
      method: 'POST',
      headers: { 'content-type': 'application/json' },
      body: '{}',
    }).catch(() => null);
    if (!out?.ok) {
      setProblem('Signing out needs the network. Nothing was changed.');
      return;
    }
    // Loaded here only: the bidder's page has this menu too and no use for the device's memory.
    await import('../device/clear-seen').then((m) => m.clearSeen()).catch(() => {});
    router.replace('/sign-in');
    router.refresh();
  };
  return (
    <Popover.Root defaultOpen>
      <Popover.Trigger className={triggerClass(compact)} aria-label={TRIGGER_NAME}>
        <TriggerFace compact={compact} />
      </Popover.Trigger>
      <Popover.Portal>
        <Popover.Content
          className="sheet z-50 grid w-80 max-w-[94vw] gap-4 p-4 shadow-lift"
          sideOffset={6}
          collisionPadding={8}
        >
          {CHOICES.map(({ key, label, options }) => (
            <fieldset key={key} className="grid gap-1">
              <legend className="mb-1 text-sm font-semibold">{label}</legend>
              <div className="flex flex-wrap gap-1">
                {options.map(([value, name]) => (
                  <label
                    key={value}
                    className="relative flex min-h-9 items-center rounded-cut border border-ink/30 px-2.5 text-sm has-checked:border-thread has-checked:bg-thread has-checked:text-thread-ink has-focus-visible:outline-2 has-focus-visible:outline-thread"
                  >
                    <input
                      type="radio"
                      className="sr-only"
                      name={`reader-${key}`}
                      value={value}
                      checked={preferences[key] === value}
                      onChange={() => {
                        set({ [key]: value } as Partial<Preferences>);
                        router.refresh();
                      }}
                    />
                    {name}
                  </label>
                ))}
              </div>
            </fieldset>
          ))}
          {signOut && (
            <nav aria-label="Beside the lots" className="flex flex-wrap gap-2">
              {BESIDE.map(([href, name]) => (
                <Link key={href} href={href} className="btn btn-small">
                  {name}
                </Link>
              ))}
            </nav>
          )}
          {signOut && (
            <button type="button" className="btn btn-small" onClick={leave}>
              Sign out
            </button>
          )}
          {problem && <p role="alert">{problem}</p>}
        </Popover.Content>
      </Popover.Portal>
    </Popover.Root>
  );
}
