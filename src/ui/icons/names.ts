/**
 * The icons that stand in the style sheet, by their names in the icon library: for the frame that every page has, and for rows and bars
 * that are drawn at each request. One costs a piece of markup; as a component it costs as much as the row around it.
 */
const ICON_NAMES = [
  'arrow-right',
  'calendar-days',
  'chevron-down',
  'graduation-cap',
  'package-check',
  'package-plus',
  'plus',
  'search',
  'settings-2',
  'wrench',
] as const;

export type IconName = (typeof ICON_NAMES)[number];
