import type { ZoneCardDefinition } from '../walking';

/** A brittle part: said before a hand is on it. */
export const fragile: ZoneCardDefinition = {
  place: 5,
  applies: (zone) => zone.fragile === true,
  Card: () => <p className="border-l-4 border-pin pl-2 text-sm font-semibold">Brittle with age: look, do not press.</p>,
};
