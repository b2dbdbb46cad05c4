import { v7 as uuidv7 } from 'uuid';

/** The moment at which tests enter. */
export const TEST_NOW = new Date('2027-02-10T09:00:00Z');
const AT = TEST_NOW.toISOString();

/** A put of a new record, or of what `extra` says. */
export const put = (kind: string, body: object, extra: object = {}) => ({
  id: uuidv7(),
  op: 'put',
  kind,
  record: uuidv7(),
  base: 0,
  body,
  ...extra,
});

export const reading = (um = 131, extra = {}) => ({
  zone: 'hood',
  state: 'read',
  thicknessUm: um,
  typed: { text: String(um), unit: 'um' },
  at: AT,
  ...extra,
});

export const carBody = { make: 'Quillon', model: 'Halyard', year: 1967, style: 'fastback' };
export const visitBody = { startedAt: AT, gauge: { name: 'Survey gauge', ceilingUm: 500 } };
