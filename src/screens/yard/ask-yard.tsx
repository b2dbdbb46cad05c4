'use client';

import { useRouter } from 'next/navigation';
import { createContext, type ReactNode, useContext, useEffect, useMemo, useRef, useTransition } from 'react';
import type { YardAsked } from '@/core/yard/yard-lot';
import { yardAddress } from './yard-address';

interface Asking {
  /** What is shown. */
  readonly asked: YardAsked;
  /** Whether an answer is on its way. */
  readonly asking: boolean;
  /** Asks for something else, upon what was asked last, even while its answer is on the way. */
  readonly ask: (change: Partial<YardAsked> | ((wanted: YardAsked) => Partial<YardAsked>)) => void;
}

const AskingContext = createContext<Asking | null>(null);

export function useAsking(): Asking {
  const held = useContext(AskingContext);
  if (!held) throw new Error('this stands outside the Yard');
  return held;
}

/** Holds what the Yard is asked for; what is drawn on the server stands inside untouched. */
export function AskYard({ asked, children }: { asked: YardAsked; children: ReactNode }) {
  const router = useRouter();
  const [asking, startAsking] = useTransition();
  const wanted = useRef(asked);
  useEffect(() => {
    if (!asking) wanted.current = asked;
  }, [asked, asking]);
  const value = useMemo(
    (): Asking => ({
      asked,
      asking,
      ask: (change) => {
        const changed = typeof change === 'function' ? change(wanted.current) : change;
        wanted.current = { ...wanted.current, after: null, ...changed };
        const address = yardAddress(wanted.current);
        startAsking(() => router.replace(address, { scroll: false }));
      },
    }),
    [asked, asking, router],
  );
  return <AskingContext.Provider value={value}>{children}</AskingContext.Provider>;
}

/** Said where no lot answers what was asked. */
export function ShowAll({ total }: { total: number }) {
  const { ask } = useAsking();
  return (
    <button
      type="button"
      className="font-semibold text-thread underline underline-offset-4"
      onClick={() => ask({ search: '', show: 'all' })}
    >
      Show all {total}
    </button>
  );
}
