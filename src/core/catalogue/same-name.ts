/** Whether two names of a make or model are the same: upper or lower case and blanks around them make no difference. */
export const sameName = (a: string, b: string): boolean => a.trim().toLowerCase() === b.trim().toLowerCase();
