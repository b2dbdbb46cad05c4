import { useEffect, useState } from 'react';

/** A text once there has been one for some time, whatever it says by then; nothing as soon as there is none. */
export function useLasting(text: string, afterMs: number): string {
  const is = text !== '';
  const [lasts, setLasts] = useState(false);
  useEffect(() => {
    if (!is) return setLasts(false);
    const timer = setTimeout(() => setLasts(true), afterMs);
    return () => clearTimeout(timer);
  }, [is, afterMs]);
  return lasts ? text : '';
}
