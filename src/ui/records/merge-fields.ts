import { sameBody } from './edits';

type Fields = Readonly<Record<string, unknown>>;

/**
 * Writes the fields that were changed in a form into a record's present content, so that nothing else of it is touched.
 * `clash` when somebody else changed one of the very same fields since the form showed it.
 */
export function mergeFields(present: Fields, shown: Fields, changed: Fields): { body: Fields; clash: boolean } {
  const clash = Object.keys(changed).some(
    (key) => !sameBody(present[key], shown[key]) && !sameBody(present[key], changed[key]),
  );
  return { body: { ...present, ...changed }, clash };
}

/** The fields of a form that now differ from what it showed. */
export function changedFields(shown: Fields, now: Fields): Fields {
  return Object.fromEntries(Object.entries(now).filter(([key, value]) => !sameBody(shown[key], value)));
}
