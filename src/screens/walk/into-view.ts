/** What is asked may open below the sheet's edge: it is brought into sight. */
export function intoView(at: HTMLElement | null): void {
  at?.scrollIntoView({ block: 'nearest' });
}
