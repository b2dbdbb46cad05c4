import type { Role } from '@/core/people/roles';

/** What a role is called, and what it lets a person do. */
export const ROLE_WORDS: Readonly<Record<Role, { readonly name: string; readonly says: string }>> = {
  manager: { name: 'manager', says: 'Everything: people, sales, lots, numbers, sealing, links.' },
  inspector: { name: 'inspector', says: 'Enters what is seen and measured, proposes reports, begins revisions.' },
  editor: { name: 'editor', says: 'Reads every lot, makes links and exports. Enters no records.' },
  consignor: { name: 'consignor', says: 'Sees the own lots and states what is claimed of them.' },
  viewer: { name: 'viewer', says: 'Sees the lots and sales that are lent. Enters nothing.' },
};
