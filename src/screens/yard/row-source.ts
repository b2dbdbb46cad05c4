import { bandShapes } from '@/ui/charts/band-shapes';
import { type Html, html, NOTHING } from '@/ui/html-text';
import { LOT_NUMBER_CLASS } from '@/ui/parts/lot-number';
import type { RowFacts } from './row-facts';

const BAND_PX = 16;

/** What stands inside the link of a lot's row, as source: a row does nothing by itself, and there are hundreds. */
export const rowSource = (row: RowFacts, limits: readonly number[]): Html => html`
  <span class="${LOT_NUMBER_CLASS}">${row.number}</span>
  ${aboutSource(row)}
  <span class="hidden text-sm sm:block">
    <span class="figure font-semibold">${row.seenPercent}</span> % seen
    <span class="mt-1 block h-1.5 border border-ink/40 bg-paper">
      <span class="block h-full bg-ink" style="width:${row.seenPercent}%"></span>
    </span>
  </span>
  ${row.grade ? gradeSource(row.grade, limits) : html`<span class="hidden text-sm text-soft sm:block">no grade yet</span>`}
  <span class="text-right text-sm">
    <span class="font-semibold${row.where === 'late' ? ' text-pin' : ''}">${row.where}</span>
    <br>
    <span class="text-soft">${row.when}</span>
  </span>`;

/** What the lot is, who keeps it and what is said of it; on a phone its figures too. */
const aboutSource = (row: RowFacts): Html => html`
  <span class="min-w-0">
    <span class="block truncate font-semibold">${row.title}</span>
    <span class="block truncate text-sm text-soft">${row.about}</span>
    <span class="block text-sm sm:hidden">${row.seenPercent} % seen${row.grade ? `, grade ${row.grade.figures}` : ''}</span>
    ${row.questions ? html`<span class="block text-sm font-semibold">${row.questions}</span>` : NOTHING}
    ${
      row.structuralLoss
        ? html`<span class="text-sm font-semibold text-pin">Structural loss: tell the manager</span>`
        : NOTHING
    }
  </span>`;

/** The grade as figures under its band; what bands are filled with stands once on the page. */
function gradeSource(grade: NonNullable<RowFacts['grade']>, limits: readonly number[]): Html {
  const { scale, band, at } = bandShapes(grade, limits, BAND_PX);
  const says = `Grade ${Math.round(grade.low)} to ${Math.round(grade.high)} of 100`;
  const line = html`vector-effect="non-scaling-stroke"`;
  return html`
    <span class="hidden text-center text-xs text-soft sm:block">
      <svg viewBox="0 0 200 ${BAND_PX}" class="w-full" style="height:${BAND_PX}px" preserveAspectRatio="none" role="img" aria-label="${says}">
        <path d="${scale}" stroke="var(--cut)" stroke-width="1" ${line}/>
        <rect x="${band.x}" y="${band.y}" width="${band.width}" height="${band.height}" fill="url(#band-lots)"/>
        <path d="${at}" stroke="var(--ink)" stroke-width="2.5" ${line}/>
      </svg>
      <span class="figure">${grade.figures}</span> ${grade.band}
    </span>`;
}
