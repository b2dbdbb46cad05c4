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

/** A section whose title is also a bookmark of the document. */
export const Section = ({ title, children }: { title: string; children: ReactNode }) => (
  <View {...bookmark(title)}>
    <Text style={s.h2} minPresenceAhead={40}>
      {title}
    </Text>
    {children}
  </View>
);
