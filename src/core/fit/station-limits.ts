/** What a width between panels, and a step between them, can be at all, mm; house values against slips of typing. */
export const STATION_LIMITS = { widestMm: 60, flushMm: 60, placeMm: 10_000, leastSeMm: 0.005, mostSeMm: 10 } as const;
