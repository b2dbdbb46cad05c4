import { Line, Rect, Svg, View } from '@react-pdf/renderer';
import type { Block, LossesRow } from '@/report/block';
import { INK, LINE, SOFT, s } from './styles';
import { Headed, T } from './text';

const WIDTH = 110;
const HEIGHT = 8;

/** A loss as a piece of the scale from 100 down. */
function Step({ from, to, known }: { from: number; to: number; known: boolean }) {
  const x = (v: number) => (v / 100) * WIDTH;
  const width = Math.max(1, x(from) - x(to));
  return (
    <Svg width={WIDTH} height={HEIGHT} viewBox={`0 0 ${WIDTH} ${HEIGHT}`}>
      <Line x1={0} x2={WIDTH} y1={HEIGHT - 0.5} y2={HEIGHT - 0.5} stroke={LINE} strokeWidth={0.5} />
      <Rect
        x={x(to)}
        y={1}
        width={width}
        height={HEIGHT - 2}
        fill={known ? INK : 'none'}
        stroke={known ? INK : SOFT}
        strokeWidth={0.5}
        {...(!known && { strokeDasharray: '1.5 1' })}
      />
    </Svg>
  );
}

function AxisLosses({ axis }: { axis: LossesRow }) {
  let left = 100;
  const rows = axis.rows.map((r, i) => {
    const from = left;
    left = Math.max(0, left - r.points);
    return (
      <View key={i} style={[s.row, { alignItems: 'center', paddingVertical: 1 }]} wrap={false}>
        <T style={{ flex: 1, fontSize: 8.5 }}>{r.number === null ? r.text : `${r.text} (no. ${r.number})`}</T>
        <Step from={from} to={left} known={r.known} />
        <T style={[s.figure, { width: 40, textAlign: 'right' }]}>{`−${r.points.toFixed(r.points < 10 ? 1 : 0)}`}</T>
      </View>
    );
  });
  return (
    <View style={{ marginTop: 5 }}>
      <Headed
        head={
          <View style={[s.row, { justifyContent: 'space-between', borderBottomWidth: 0.5, borderBottomColor: LINE }]}>
            <T style={s.bold}>{axis.name}</T>
            <T style={s.figure}>{axis.left}</T>
          </View>
        }
        rows={rows}
      />
    </View>
  );
}

/** What each axis lost, from 100 down to where it stands. */
export function LossesOnPaper({ axes }: Extract<Block, { kind: 'losses' }>) {
  return (
    <View>
      {axes.map((a) => (
        <AxisLosses key={a.id} axis={a} />
      ))}
    </View>
  );
}
