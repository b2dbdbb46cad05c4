import { keptWith } from '@/core/stats/remembered';
import { type Html, html, NOTHING } from '@/ui/html-text';
import type { RowFacts } from './row-facts';

/**
 * What stands inside the link of a lot's row, as source: a row does nothing by itself, and there are hundreds. What it looks like
 * stands in the style sheet (`.yard-rows`), which is told numbers only; the scale of the bands stands once on the page.
 */
export const rowSource = keptWith(
  (row: RowFacts): Html => html`
    <span class="lot-number">${row.number}</span>
    ${aboutSource(row)}
    <div class="seen" style="--seen:${row.seenPercent}"><b class="figure">${row.seenPercent}</b> % seen</div>
    <div class="grade">${row.grade ? gradeSource(row.grade) : 'no grade yet'}</div>
    <div class="stands"><span class="${row.where === 'late' ? 'urgent' : 'says'}">${row.where}</span><br>${row.when}</div>`,
);

/** What the lot is, who keeps it and what is said of it. */
const aboutSource = (row: RowFacts): Html => html`
  <div class="about">
    <p class="title">${row.title}</p>
    <p>${row.about}</p>
    ${row.questions ? html`<p class="says">${row.questions}</p>` : NOTHING}
    ${row.structuralLoss ? html`<p class="urgent">Structural loss: tell the manager</p>` : NOTHING}
  </div>`;

/** The grade as a band on its scale, and its figures. */
const gradeSource = ({ low, value, high, figures, band }: NonNullable<RowFacts['grade']>): Html => html`
  <span role="img" aria-label="Grade ${figures.replace('–', ' to ')} of 100" style="--low:${low};--at:${value};--high:${high}"></span>
  <span class="figure">${figures}</span> ${band}`;

/** The scale of the rows' bands as a background: a line, with ticks where bands of the grade begin. */
export const scaleOf = (limits: readonly number[]): string =>
  [...limits.map((l) => `${l}% 50% / 1px 44%`), '0 50% / 100% 1px']
    .map((placed) => `linear-gradient(var(--cut), var(--cut)) ${placed} no-repeat`)
    .join(', ');
