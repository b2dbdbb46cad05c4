/** How a statement begins that says what a thing as a whole does or does not do: "does not turn by hand". */
const OF_THE_WHOLE =
  /^(does(n['’]t| not)|will not|won['’]?t|wont|can(not|['’]t)|could not|couldn['’]t|has not|is |was |no start|not |never |since |seized|stuck|dead|non[- ]?runner)/i;

/** Whether what is said of where a thing fails names a part of it (the clock of the dash), and does not speak of the whole. */
export const namesAPart = (where: string): boolean => where.trim() !== '' && !OF_THE_WHOLE.test(where.trim());
