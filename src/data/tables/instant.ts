import { timestamp } from 'drizzle-orm/pg-core';

/** A column that holds a moment, kept in UTC. */
export const instant = (name: string) => timestamp(name, { withTimezone: true });
