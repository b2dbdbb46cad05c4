import { keptWith } from '@/core/stats/remembered';
import { bandShapes, scalePath } from '@/ui/charts/band-shapes';
import { type Html, html, NOTHING } from '@/ui/html-text';
import type { RowFacts } from './row-facts';

const BAND_PX = 16;

/**
 * What stands inside the link of a lot's row, as source: a row does nothing by itself, and there are hundreds. What it looks like
 * stands in the style sheet (`.yard-rows`); the scale and what bands are filled with stand once on the page.
 */
export const rowSource = keptWith(
  (row: RowFacts): Html => html`
    <span class="lot-number">${row.number}</span>
    ${aboutSource(row)}
    <div class="seen">
      <b class="figure">${row.seenPercent}</b> % seen
      <span><span style="width:${row.seenPercent}%"></span></span>
    </div>
    ${row.grade ? gradeSource(row.grade) : html`<div class="seen">no grade yet</div>`}
    <div class="stands">
      <span class="${row.where === 'late' ? 'urgent' : 'says'}">${row.where}</span>
      <br>${row.when}
    </div>`,
);

/** What the lot is, who keeps it and what is said of it; on a phone its figures too. */
const aboutSource = (row: RowFacts): Html => html`
  <div class="about">
    <p class="title">${row.title}</p>
    <p>${row.about}</p>
    <p class="brief">${row.seenPercent} % seen${row.grade ? `, grade ${row.grade.figures}` : ''}</p>
    ${row.questions ? html`<p class="says">${row.questions}</p>` : NOTHING}
    ${row.structuralLoss ? html`<p class="urgent">Structural loss: tell the manager</p>` : NOTHING}
  </div>`;

/** The grade as figures under its band. */
function gradeSource(grade: NonNullable<RowFacts['grade']>): Html {
  const { band, at } = bandShapes(grade, BAND_PX);
  return html`
    <div class="grade">
      <svg viewBox="0 0 200 ${BAND_PX}" preserveAspectRatio="none" role="img" aria-label="Grade ${grade.figures.replace('–', ' to ')} of 100">
        <use href="#scale-lots"/>
        <rect x="${band.x}" y="${band.y}" width="${band.width}" height="${band.height}" fill="url(#band-lots)"/>
        <path d="${at}" stroke="var(--ink)" stroke-width="2.5" vector-effect="non-scaling-stroke"/>
      </svg>
      <span class="figure">${grade.figures}</span> ${grade.band}
    </div>`;
}

/** The scale of the rows' bands, with ticks where bands of the grade begin. */
export const scaleOf = (limits: readonly number[]): string => scalePath(limits, BAND_PX);
