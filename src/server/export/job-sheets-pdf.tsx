import { Document } from '@react-pdf/renderer';
import type { JobSheets } from '@/report/job-sheets';
import { Blocks } from './pdf/blocks';
import type { PictureFile } from './pdf/pictures';
import { Sheet } from './pdf/sheet';
import { Section, T } from './pdf/text';

const CAUTION =
  'Estimates by the house’s own numbers. Brakes, steering, fuel and what carries the car are for licensed people; lift and prop it as local rules say.';

/** Job sheets on paper: a trade begins on a page of its own, so that each shop is given its own. */
export function JobSheetsPdf({
  lot,
  sheets: { plan, sheets },
  printedOn,
  pictureFile,
}: {
  lot: { readonly number: number; readonly title: string };
  sheets: JobSheets;
  printedOn: string;
  pictureFile: PictureFile;
}) {
  const head = `Lot ${lot.number} · ${lot.title}`;
  return (
    <Document title={`Lot ${lot.number}, ${lot.title}: job sheets`} subject="Job sheets" pageMode="useOutlines">
      {sheets.length === 0 && (
        <Sheet head={head} standing={`job sheets, ${printedOn}`} foot={CAUTION}>
          <T>Nothing on record needs doing.</T>
        </Sheet>
      )}
      {sheets.map((sheet) => (
        <Sheet key={sheet.trade} head={head} standing={`${sheet.title}, ${printedOn}`} foot={CAUTION}>
          <Section title={sheet.title}>
            <Blocks blocks={sheet.blocks} plan={plan} pictureFile={pictureFile} />
          </Section>
        </Sheet>
      ))}
    </Document>
  );
}
