/** What a password must be, beside the field in which one is chosen. */
export const PASSWORD_RULE = 'Ten letters or more, and hard to guess: four odd words do well.';
