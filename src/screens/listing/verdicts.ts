import type { ListingVerdict } from '@/core/claims/listing';

export const VERDICT_SAYS: Readonly<Record<ListingVerdict, string>> = {
  contradicted: 'contradicted by what was found',
  unsupported: 'not borne out by anything',
  wider: 'wider than what was looked at',
  supported: 'borne out',
};
