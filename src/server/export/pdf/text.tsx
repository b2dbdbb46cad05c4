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

/** A section whose title is also a bookmark of the document; it stands on no page without the figure that it begins with. */
export const Section = ({ title, figure, children }: { title: string; figure?: ReactNode; children: ReactNode }) => (
  <View {...bookmark(title)}>
    <View wrap={false} minPresenceAhead={40}>
      <Text style={s.h2}>{title}</Text>
      {figure}
    </View>
    {children}
  </View>
);
