import { Document, Line, Page, Rect, renderToBuffer, Svg, Text, View } from '@react-pdf/renderer';
import { GAUGE_CARD, INNER_MARKS } from '@/core/fit/gauge-card';
import { face } from './faces';
import { registerFonts } from './fonts';

const PT_PER_MM = 72 / 25.4;
const pt = (mm: number) => mm * PT_PER_MM;

/** Corner marks, and smaller ones on straight lines that show by eye whether the card lies flat. */
function marks(): { x: number; y: number; size: number }[] {
  const { widthMm: w, heightMm: h, markMm: m, insetMm: i, innerMm } = GAUGE_CARD;
  const corners = [
    [i, i],
    [w - i - m, i],
    [w - i - m, h - i - m],
    [i, h - i - m],
  ] as const;
  const inner = INNER_MARKS.map(([x, y]) => ({ x: x - innerMm / 2, y: y - innerMm / 2, size: innerMm }));
  return [...corners.map(([x, y]) => ({ x, y, size: m })), ...inner];
}

/** The gauge card at true size on a sheet of A4, with a ruler to check the printer by. */
export function gaugeCardPdf(): Promise<Buffer> {
  const { widthMm: w, heightMm: h } = GAUGE_CARD;
  registerFonts();
  return renderToBuffer(
    <Document title="Farvin gauge card">
      <Page size="A4" style={{ padding: pt(15), fontSize: 10, fontFamily: face('Text') }}>
        <Text>{`Gauge card, ${w} x ${h} mm. Print at 100 %, cut along the edge, glue on flat card.`}</Text>
        <View style={{ marginTop: pt(8) }}>
          <Svg width={pt(w)} height={pt(h)} viewBox={`0 0 ${w} ${h}`}>
            <Rect x="0.15" y="0.15" width={w - 0.3} height={h - 0.3} fill="white" stroke="black" strokeWidth="0.3" />
            {marks().map(({ x, y, size }) => (
              <Rect key={`${x} ${y}`} x={x} y={y} width={size} height={size} fill="black" />
            ))}
          </Svg>
        </View>
        <View style={{ marginTop: pt(10) }}>
          <Text>This line must be 100 mm long; if it is not, measure the card and type its size.</Text>
          <Svg width={pt(100)} height={pt(8)} viewBox="0 0 100 8">
            <Line x1="0" y1="4" x2="100" y2="4" stroke="black" strokeWidth="0.3" />
            {Array.from({ length: 11 }, (_, i) => (
              <Line key={i} x1={i * 10} y1="2" x2={i * 10} y2="6" stroke="black" strokeWidth="0.3" />
            ))}
          </Svg>
        </View>
        <Text style={{ marginTop: pt(8) }}>
          Lay it flat on the panel beside the seam, in one plane with both panels. Look straight at it.
        </Text>
      </Page>
    </Document>,
  );
}
