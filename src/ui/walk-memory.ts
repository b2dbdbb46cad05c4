/** Under which name this tab keeps at which panel one was. */
export const WALK_ZONE = (inspection: string) => `walk:${inspection}`;

/** What this tab keeps in mind while one looks at other screens; a browser that keeps nothing begins anew. */
export function recall(key: string): string | null {
  try {
    return sessionStorage.getItem(key);
  } catch {
    return null;
  }
}
export function keepInMind(key: string, value: string): void {
  try {
    sessionStorage.setItem(key, value);
  } catch {}
}
