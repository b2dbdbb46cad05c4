import type { StandoffBody } from '@/core/kinds/standoff';

const metres = (m: number) => `${Math.round(m * 10) / 10} m`;

/** "low-left-rear" → "low at the left rear"; "nose-high" → "nose high". */
export function standsText(stands: string): string {
  const [how = '', ...where] = stands.split('-');
  if (how === 'level') return 'level';
  return how === 'nose' || how === 'tail' || where.length === 0
    ? stands.replaceAll('-', ' ')
    : `${how} at the ${where.join(' ')}`;
}

/** What a look from a distance told. */
export const standoffText = (s: StandoffBody): string =>
  [
    s.stands && `stands ${standsText(s.stands)}`,
    s.looksWellFromM !== null && `looks well from ${metres(s.looksWellFromM)}`,
    s.note,
  ]
    .filter(Boolean)
    .join(', ');
