/** The PostgreSQL channel on which the gateway tells of changes; the payload is the inspection's id. */
export const LIVE_CHANNEL = 'farvin_changes';
