/** A text with a capital first letter. */
export const capital = (text: string): string => text.charAt(0).toUpperCase() + text.slice(1);
