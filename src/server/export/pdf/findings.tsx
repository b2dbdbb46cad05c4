import { Text, View } from '@react-pdf/renderer';
import { Fragment } from 'react';
import type { Block, FindingRow } from '@/report/block';
import { filmTime } from '@/words/film-time';
import { type PictureFile, Pictures } from './pictures';
import { LINE, s } from './styles';
import { Over, Stamp, T } from './text';

function Row({ finding: f, pictureFile }: { finding: FindingRow; pictureFile: PictureFile }) {
  return (
    <View style={{ paddingVertical: 5, borderBottomWidth: 0.6, borderBottomColor: LINE }}>
      <View style={s.row} wrap={false}>
        <Text style={[s.figure, s.bold, { width: 26, fontSize: 10 }]}>{String(f.number)}</Text>
        <View style={{ flex: 1 }}>
          <View style={[s.row, { justifyContent: 'space-between', gap: 8 }]}>
            <T style={s.bold}>{f.title}</T>
            <Stamp>{f.evidence}</Stamp>
          </View>
          {f.lines.map((line) => (
            <T key={line}>{line}</T>
          ))}
          <T style={s.soft}>{f.aside}</T>
          {f.moments && f.moments.length > 0 && (
            <T style={s.soft}>{`In the film at ${f.moments.map((m) => filmTime(m.fromS)).join(', ')}.`}</T>
          )}
        </View>
      </View>
      {f.pictures.length > 0 && (
        <View style={{ marginLeft: 26, marginTop: 4 }}>
          <Pictures pictures={f.pictures} pictureFile={pictureFile} />
        </View>
      )}
    </View>
  );
}

export function FindingGroups({
  groups,
  pictureFile,
}: Extract<Block, { kind: 'findings' }> & { pictureFile: PictureFile }) {
  return groups.map(({ title, findings }) => (
    <Fragment key={title}>
      <Over>
        <T style={s.h3}>{title}</T>
      </Over>
      {findings.map((f) => (
        <Row key={f.id} finding={f} pictureFile={pictureFile} />
      ))}
    </Fragment>
  ));
}
