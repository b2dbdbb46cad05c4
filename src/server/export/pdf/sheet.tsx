import { Page, Text, View } from '@react-pdf/renderer';
import type { ReactNode } from 'react';
import { drawable } from '../faces';
import { s } from './styles';

/** Pages with the same head and foot, of one run of content. */
export function Sheet({
  head,
  standing,
  foot,
  children,
}: {
  head: string;
  standing: string;
  foot: string;
  children: ReactNode;
}) {
  return (
    <Page size="A4" style={s.page}>
      <View style={s.head} fixed>
        <Text>{drawable(head)}</Text>
        <Text>{standing}</Text>
      </View>
      <View style={s.foot} fixed>
        <Text>{foot}</Text>
        <Text render={({ pageNumber, totalPages }) => `${pageNumber} of ${totalPages}`} />
      </View>
      {children}
    </Page>
  );
}
