import { Text, View } from '@react-pdf/renderer';
import type { ReactNode } from 'react';
import { drawable } from '../faces';
import { s } from './styles';

/** A text with only such characters as the faces can draw. */
export const T = ({ children, style }: { children: string; style?: object | object[] }) => (
  <Text {...(style && { style: style as never })}>{drawable(children)}</Text>
);
export const Stamp = ({ children }: { children: string }) => (
  <Text style={s.stamp}>{drawable(children.toUpperCase())}</Text>
);

/** The library takes bookmarks on every node; its types know them on pages only. */
export const bookmark = (title: string) => ({ bookmark: title }) as object;

/** Points of a page that a title wants below itself: what usually comes first after it, in one piece. */
export const AHEAD = { lines: 60, titled: 120, pictures: 160 } as const;

/**
 * What stands over something else: at the foot of no page without it. The layout library moves such a thing only where something of
 * the same parent stands before it, so it is never the first child of a part of the page. It is in one piece: where the page ends
 * within it, the library would part it without looking at what it wants below.
 */
export const Over = ({ children, ahead = AHEAD.lines }: { children: ReactNode; ahead?: number }) => (
  <View wrap={false} minPresenceAhead={ahead}>
    {children}
  </View>
);

/** Rows under a head that stands at the foot of no page without the first of them; neither is parted by the end of a page. */
export const Headed = ({ head, rows }: { head: ReactNode; rows: readonly ReactNode[] }) => (
  <>
    <View wrap={false}>
      {head}
      {rows[0]}
    </View>
    {rows.slice(1)}
  </>
);

/** A section whose title is also a bookmark of the document; it stands on no page without what it begins with, a figure in one piece. */
export const Section = ({
  title,
  figure,
  ahead = AHEAD.lines,
  children,
}: {
  title: string;
  figure?: ReactNode;
  ahead?: number;
  children: ReactNode;
}) => (
  <>
    <View {...bookmark(title)} wrap={false} minPresenceAhead={figure ? 0 : ahead}>
      <Text style={s.h2}>{title}</Text>
      {figure}
    </View>
    {children}
  </>
);
