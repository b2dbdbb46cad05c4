import { Circle, Line, Path, Svg, Text, View } from '@react-pdf/renderer';
import { pointAlong } from '@/core/body/geometry';
import { pathOf } from '@/core/body/outline-path';
import { type Plan, toSheet } from '@/core/body/plan';
import type { Block, PlanPinRow, SeamRow } from '@/report/block';
import { face } from '../faces';
import { INK, SOFT, s, WASH } from './styles';
import { T } from './text';

const PAGE_WIDTH = 511;
type PlanFigure = Extract<Block, { kind: 'plan' }>;

/** Where each pin stands; those whose place nobody said stand beside each other at the label. */
function placed(pins: readonly PlanPinRow[], plan: Plan, r: number) {
  const stacked = new Map<string, number>();
  return pins.flatMap((pin) => {
    const zone = plan.zones.get(pin.zone);
    if (!zone) return [];
    const nth = stacked.get(zone.slug) ?? 0;
    if (!pin.place) stacked.set(zone.slug, nth + 1);
    const [x, y] = pin.place ? toSheet(zone, pin.place) : [zone.label[0] + nth * 2.2 * r, zone.label[1]];
    return [{ number: pin.number, x, y }];
  });
}

/** Extents that were drawn on the panels. */
const drawn = (pins: readonly PlanPinRow[], plan: Plan) =>
  pins.flatMap(({ number, zone: slug, outline }) => {
    const zone = plan.zones.get(slug);
    return zone && outline ? [{ number, d: pathOf(outline.map((c) => toSheet(zone, c))) }] : [];
  });

/** Every seam, dashed where it was not measured, with the mean gap of those that were. */
function Seams({ plan, seams, r }: { plan: Plan; seams: readonly SeamRow[]; r: number }) {
  const measured = new Map(seams.map((m) => [m.seam, m]));
  return [...plan.seams.values()].map((seam) => {
    const [from, to] = [seam.lines[0][0]!, seam.lines[0].at(-1)!];
    const own = measured.get(seam.slug);
    const [x, y] = pointAlong(seam.lines[0], 0.5);
    const figure = own?.meanMm.value;
    return (
      <View key={seam.slug}>
        <Line
          x1={from[0]}
          y1={from[1]}
          x2={to[0]}
          y2={to[1]}
          stroke={own ? INK : SOFT}
          strokeWidth={own ? r / 2.4 : r / 6}
          {...(!own && { strokeDasharray: `${r * 0.9} ${r * 0.6}` })}
        />
        {typeof figure === 'number' && (
          <Text x={x} y={y - r * 0.5} textAnchor="middle" style={{ fontSize: r * 1.5, fontFamily: face('Figure') }}>
            {figure.toFixed(1)}
          </Text>
        )}
      </View>
    );
  });
}

/** A view of the plan as vectors: pieces, numbered findings, or the seams as they were measured. */
export function PlanFigureOnPaper({ block, plan }: { block: PlanFigure; plan: Plan }) {
  const { view, caption, seams } = block;
  const box = plan.boxes[view];
  const [w, h] = [box.maxX - box.minX + 120, box.maxY - box.minY + 120];
  const width = Math.min(PAGE_WIDTH, (w / h) * (view === 'outside' ? 330 : 200));
  const r = (w / width) * 5.6;
  const bare = new Set(block.bare);
  const pins = placed(block.pins, plan, r);
  return (
    <View wrap={false} style={{ marginBottom: 8 }}>
      <Svg width={width} height={(h / w) * width} viewBox={`${box.minX - 60} ${box.minY - 60} ${w} ${h}`}>
        {[...plan.zones.values()]
          .filter((z) => z.view === view)
          .map((z) => (
            <Path
              key={z.slug}
              d={pathOf(z.outline)}
              fill={bare.has(z.slug) ? '#ffffff' : z.metal === 'glass' ? '#e3eef2' : WASH}
              stroke={INK}
              strokeWidth={r / 6}
              {...(bare.has(z.slug) && { strokeDasharray: `${r * 0.9} ${r * 0.6}` })}
            />
          ))}
        {seams && Seams({ plan, seams, r }).map((g) => g.props.children)}
        {drawn(block.pins, plan).map(({ number, d }) => (
          <Path key={`o${number}`} d={d} fill={INK} fillOpacity={0.12} stroke={INK} strokeWidth={r / 6} />
        ))}
        {pins.map((p) => (
          <Circle key={p.number} cx={p.x} cy={p.y} r={r} fill="#ffffff" stroke={INK} strokeWidth={r / 5} />
        ))}
        {pins.map((p) => (
          <Text
            key={`n${p.number}`}
            x={p.x}
            y={p.y + r * 0.38}
            textAnchor="middle"
            style={{ fontSize: r * 1.05, fontFamily: face('Figure') }}
          >
            {String(p.number)}
          </Text>
        ))}
      </Svg>
      <T style={s.soft}>{caption}</T>
    </View>
  );
}

const WHOLE = '#9fc7c3';
const PART = '#dfece6';

/** How much of each piece was looked at, view by view, small beside each other. */
export function CoverageOnPaper({ block, plan }: { block: Extract<Block, { kind: 'coverage' }>; plan: Plan }) {
  const [whole, part] = [new Set(block.whole), new Set(block.part)];
  return (
    <View style={{ marginBottom: 6 }}>
      <T style={s.soft}>Filled: looked at in whole. Pale: in part. White and dashed: not at all.</T>
      <View style={[s.row, { flexWrap: 'wrap', gap: 8 }]}>
        {block.views.map(({ view, caption }) => {
          const box = plan.boxes[view];
          const [w, h] = [box.maxX - box.minX + 120, box.maxY - box.minY + 120];
          const width = Math.min(PAGE_WIDTH / 2 - 8, (w / h) * 120);
          return (
            <View key={view} wrap={false} style={{ width: PAGE_WIDTH / 2 - 8 }}>
              <Svg width={width} height={(h / w) * width} viewBox={`${box.minX - 60} ${box.minY - 60} ${w} ${h}`}>
                {plan.lap[view].map((slug) => (
                  <Path
                    key={slug}
                    d={pathOf(plan.zones.get(slug)!.outline)}
                    fill={whole.has(slug) ? WHOLE : part.has(slug) ? PART : '#ffffff'}
                    stroke={INK}
                    strokeWidth={w / width}
                    {...(!whole.has(slug) &&
                      !part.has(slug) && { strokeDasharray: `${(5 * w) / width} ${(3 * w) / width}` })}
                  />
                ))}
              </Svg>
              <T style={s.soft}>{caption}</T>
            </View>
          );
        })}
      </View>
    </View>
  );
}
