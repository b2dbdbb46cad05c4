import { useEffect, useState } from 'react';

/** Whether the page's script is there: a touch before that would be lost, so that a button that needs it does not take one. */
export function useHere(): boolean {
  const [here, setHere] = useState(false);
  useEffect(() => setHere(true), []);
  return here;
}
