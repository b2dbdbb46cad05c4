import { Image, Path, Svg, Text, View } from '@react-pdf/renderer';
import type { PictureRow } from '@/report/block';
import { LINE, s } from './styles';
import { T } from './text';

/** JPEG file of a picture, or null when the store does not have it. */
export type PictureFile = (sha256: string) => string | null;

/** A picture with its caption, or the plain statement that the store does not have it. */
function Picture({ picture: p, file }: { picture: PictureRow; file: string | null }) {
  return (
    <View style={{ width: 155, marginRight: 8, marginBottom: 7 }} wrap={false}>
      {file ? (
        <Image src={file} style={{ width: 155, height: 116, objectFit: 'cover' }} />
      ) : (
        <View style={{ width: 155, height: 116, borderWidth: 0.6, borderColor: LINE, justifyContent: 'center' }}>
          <Text style={[s.soft, { textAlign: 'center' }]}>picture not in the store</Text>
        </View>
      )}
      {file && p.marks && (
        <Svg
          viewBox={`0 0 ${p.marks.width} ${p.marks.height}`}
          preserveAspectRatio="xMidYMid slice"
          style={{ position: 'absolute', top: 0, left: 0, width: 155, height: 116 }}
        >
          <Path d={p.marks.path} fill="#b0146f" fillOpacity={0.75} />
        </Svg>
      )}
      <T style={[s.soft, { fontSize: 7.5 }]}>{`${p.lead ?? ''}${p.caption}${p.drawn ? ' (drawn)' : ''}`}</T>
    </View>
  );
}

export function Pictures({ pictures, pictureFile }: { pictures: readonly PictureRow[]; pictureFile: PictureFile }) {
  return (
    <View style={[s.row, { flexWrap: 'wrap' }]}>
      {pictures.map((p) => (
        <Picture key={`${p.sha256}/${p.marks?.path.length ?? 0}`} picture={p} file={pictureFile(p.sha256)} />
      ))}
    </View>
  );
}
