/**
 * What somebody of a house may do. `enter`: records of every kind, looks, pictures, revisions. `claim`: what the seller
 * says of the car. `publish`: links, exports, what strangers read. `manage`: people, sales, lots, numbers, seals.
 */
export const ABILITIES = ['enter', 'claim', 'publish', 'manage'] as const;
export type Ability = (typeof ABILITIES)[number];

interface RoleDefinition {
  readonly may: readonly Ability[];
  /** Everything of the house, or the lots that are lent to the person or are the person's own, without what is withheld. */
  readonly sees: 'house' | 'own';
}

/** The roles of a house, most rights first. The database's walls say the same (migration 0013); a test holds both together. */
export const ROLE_TABLE = {
  manager: { may: ['enter', 'claim', 'publish', 'manage'], sees: 'house' },
  inspector: { may: ['enter', 'claim'], sees: 'house' },
  editor: { may: ['publish'], sees: 'house' },
  consignor: { may: ['claim'], sees: 'own' },
  viewer: { may: [], sees: 'own' },
} as const satisfies Readonly<Record<string, RoleDefinition>>;

export type Role = keyof typeof ROLE_TABLE;
export const ROLES = Object.keys(ROLE_TABLE) as [Role, ...Role[]];

/** Whether a role gives an ability. */
export const roleMay = (role: Role, ability: Ability): boolean =>
  (ROLE_TABLE[role].may as readonly Ability[]).includes(ability);

/** Whether a role is shown the lots lent to the person, or the person's own, and nothing else. */
export const seesOwnOnly = (role: Role): boolean => ROLE_TABLE[role].sees === 'own';
