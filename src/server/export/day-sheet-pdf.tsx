import { Document, renderToBuffer, View } from '@react-pdf/renderer';
import { timeOf } from '@/core/time/minutes';
import { dayText } from '@/words/dates';
import { clashesOf } from '@/words/visit-clashes';
import type { VisitTold } from '../days-told';
import { registerFonts } from './fonts';
import { Sheet } from './pdf/sheet';
import { s } from './pdf/styles';
import { Section, T } from './pdf/text';

const FOOT =
  'Times by the house’s own estimates. Keys back to where they hang. Local rules and the owner’s leave come first.';

const line = { paddingVertical: 4, borderBottomWidth: 0.5, borderBottomColor: '#cfccc4' };

/** One person's visits of a sale on paper, day by day: when, which lot, where it stands, who has the keys, when the pit is theirs. */
export function daySheetPdf(
  person: string,
  sale: { readonly name: string; readonly place: string },
  visits: readonly VisitTold[],
  printedOn: string,
): Promise<Buffer> {
  registerFonts();
  const days = [...new Set(visits.map((v) => v.on))];
  return renderToBuffer(
    <Document title={`${sale.name}: ${person}`} subject="Days" language="en">
      <Sheet
        head={`${sale.name}${sale.place ? `, ${sale.place}` : ''}`}
        standing={`${person}, ${printedOn}`}
        foot={FOOT}
      >
        <T style={s.h1}>{person}</T>
        {visits.length === 0 && <T>No visit is planned for this person.</T>}
        {days.map((on) => (
          <Section key={on} title={dayText(on)}>
            {visits.some((v) => v.on === on && v.wet) && <T style={s.soft}>Rain is forecast: no paint in the open.</T>}
            {visits
              .filter((v) => v.on === on)
              .map((v) => (
                <View key={v.lot.id} style={[s.row, line]} wrap={false}>
                  <View style={{ width: 84 }}>
                    <T style={s.figure}>{`${timeOf(v.from)}–${timeOf(v.to)}`}</T>
                  </View>
                  <View style={{ flex: 1 }}>
                    <T style={s.bold}>{`Lot ${v.lot.number}, ${v.lot.title}`}</T>
                    <T style={s.soft}>
                      {[
                        v.lot.stands,
                        v.lot.keysWith && `keys: ${v.lot.keysWith}`,
                        v.pitTo > v.pitFrom && `pit ${timeOf(v.pitFrom)}–${timeOf(v.pitTo)}`,
                        v.lot.reportDueOn && `report due ${dayText(v.lot.reportDueOn)}`,
                        ...clashesOf(v),
                      ]
                        .filter(Boolean)
                        .join(' · ')}
                    </T>
                  </View>
                </View>
              ))}
          </Section>
        ))}
      </Sheet>
    </Document>,
  );
}
