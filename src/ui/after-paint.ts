const HIDDEN_PAGE_MS = 200;

/** Runs something once what was changed has been painted; at once where nothing is painted. */
export function afterPaint(then: () => void): void {
  if (typeof requestAnimationFrame !== 'function') {
    then();
    return;
  }
  let done = false;
  const once = () => {
    if (done) return;
    done = true;
    then();
  };
  requestAnimationFrame(() => setTimeout(once));
  // A page that nobody sees is not painted.
  setTimeout(once, HIDDEN_PAGE_MS);
}
