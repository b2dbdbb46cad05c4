/** The PostgreSQL channel on which the gateway tells of changes; the payload is the inspection's id. */
export const LIVE_CHANNEL = 'farvin_changes';
/** The channel on which the database tells that sessions of an account ended; the message is the account's id. */
export const SESSION_CHANNEL = 'farvin_sessions';
/** The channel on which the database tells that something of a house changed (migration 0011); the message is its id. */
export const HOUSE_CHANNEL = 'farvin_houses';
