/** A text with a capital first letter. */
export const capital = (text: string): string => text.charAt(0).toUpperCase() + text.slice(1);

/** A sentence as it goes on after a colon. */
export const uncapital = (text: string): string => text.charAt(0).toLowerCase() + text.slice(1);
