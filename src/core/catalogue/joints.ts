/** How an old patch is joined to the metal round it. */
export const JOINTS = ['butt-welded', 'lapped', 'plug-welded', 'riveted', 'brazed', 'bonded', 'filled-over'] as const;
export type Joint = (typeof JOINTS)[number];
