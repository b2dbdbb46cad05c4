import { Line, Rect, Svg, Text, View } from '@react-pdf/renderer';
import type { BandRow, Block } from '@/report/block';
import { face } from '../faces';
import { SOFT, s, THREAD, WASH } from './styles';
import { T } from './text';

const BAND_WIDTH = 170;
/** A value of a 0 to 100 scale as a band: 10 to 90 %, ticks at the band limits. */
function Band({ low, high, limits }: { low: number; high: number; limits: readonly number[] }) {
  const x = (v: number) => (v / 100) * BAND_WIDTH;
  return (
    <Svg width={BAND_WIDTH} height={9} viewBox={`0 0 ${BAND_WIDTH} 9`}>
      <Line x1={0} x2={BAND_WIDTH} y1={4.5} y2={4.5} stroke={SOFT} strokeWidth={0.6} />
      {limits.map((l) => (
        <Line key={l} x1={x(l)} x2={x(l)} y1={2.2} y2={6.8} stroke={SOFT} strokeWidth={0.6} />
      ))}
      <Rect x={x(low)} y={1.5} width={Math.max(2, x(high) - x(low))} height={6} fill={THREAD} fillOpacity={0.7} />
    </Svg>
  );
}

export function BandRows({ groups, limits }: Extract<Block, { kind: 'bands' }>) {
  return groups.map((rows, g) => (
    <View key={g} style={{ marginTop: g === 0 ? 0 : 6 }}>
      {rows.map((r: BandRow) => (
        <View key={r.id} style={[s.row, { alignItems: 'center', paddingVertical: 1.5 }]} wrap={false}>
          <Text style={{ width: 220 }}>{r.says ? `${r.name} lens: ${r.says}` : r.name}</Text>
          {r.blank ? (
            <View style={{ width: BAND_WIDTH }} />
          ) : (
            <Band low={r.grade.low ?? 0} high={r.grade.high ?? 100} limits={limits} />
          )}
          <T style={[s.figure, { width: 80, textAlign: 'right' }]}>{r.figures}</T>
        </View>
      ))}
    </View>
  ));
}

export function Headline({ lead, word, band, says, counts }: Extract<Block, { kind: 'headline' }>) {
  return (
    <View>
      <View style={[s.row, { marginTop: 12, gap: 22, backgroundColor: WASH, padding: 10 }]}>
        <View style={{ flex: 1 }}>
          <T style={s.soft}>{lead}</T>
          <T style={{ fontFamily: face('Head'), fontSize: 17 }}>{word}</T>
          <T style={s.figure}>{band.figures}</T>
        </View>
        {counts.map(([value, name]) => (
          <View key={name} style={{ width: 74 }}>
            <T style={[s.figure, { fontSize: 12 }]}>{value}</T>
            <T style={s.soft}>{name}</T>
          </View>
        ))}
      </View>
      <T style={[s.soft, { marginTop: 4 }]}>{says}</T>
    </View>
  );
}
