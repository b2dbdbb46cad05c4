/** The name of a finished export in the store. */
export const exportKey = (orgId: string, jobId: string) => `exports-${orgId}/${jobId}`;
