/** What some work gives, or `said` where the database refused it by the constraint of this name. */
export async function refusedBy<T, R extends string>(
  constraint: string,
  said: R,
  work: () => Promise<T>,
): Promise<T | R> {
  try {
    return await work();
  } catch (error) {
    const { cause } = error as { cause?: { constraint_name?: string } };
    if (cause?.constraint_name === constraint) return said;
    throw error;
  }
}
