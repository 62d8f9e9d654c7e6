import { type Comparison } from '../compare/compareOnDay';
import { summaryWords } from '../measures/summaryWords';
import { listInWords } from '../words/listInWords';
import { certainty, finding } from './claimFinding';
import { counted, plural } from '../words/plural';
import { type ClaimSubject } from './claimSubject';

export interface Claim {
  /** What was found, or that these containers cannot tell. */
  finding: string;
  /** Ranges and shuffles behind each difference, where the band can use them. */
  certainty: string[];
  /** Counts behind it: measured, not up, lost, not looked at. */
  evidence: string;
  /** What else could explain it. */
  cautions: string[];
}

/**
 * Puts the claim of one day together from its numbers. It never says more than they carry: a wide interval becomes "cannot
 * tell", never "no effect".
 */
export function claimSentence(comparison: Comparison, subject: ClaimSubject): Claim {
  return {
    finding: finding(comparison, subject, subject.band ?? 'middle'),
    certainty: certainty(comparison, subject, subject.band ?? 'middle'),
    evidence: evidence(comparison, subject),
    cautions: [...cautions(comparison, subject), ...withinReading(comparison, subject), ...(subject.planCautions ?? [])],
  };
}

const LOST_COUNTS: Record<Comparison['afterLoss'], string> = {
  exclude: '',
  carry: ', counted with the last height',
  zero: ', counted as zero',
};

function evidence({ groups, measure, afterLoss }: Comparison, { container }: ClaimSubject): string {
  const total = (pick: (g: Comparison['groups'][number]) => number) => groups.reduce((sum, g) => sum + pick(g), 0);
  const notUp = total((g) => g.notUp.length);
  const lost = total((g) => g.lost.length);
  const dots = groups.flatMap((g) => g.dots);
  const measured = dots.filter((d) => d.plants > 0).length;
  const counts = new Set(dots.map((d) => d.container.id));
  const asZero = groups.some((g) => g.notUp.some((c) => counts.has(c.id)));
  const parts = [`${counted(measured, container)} measured`];
  if (notUp > 0) parts.push(`${notUp} not up yet${asZero ? ', counted as zero' : ''}`);
  if (lost > 0) parts.push(`${lost} lost${LOST_COUNTS[afterLoss]}`);
  const removed = total((g) => g.removed.length);
  if (removed > 0) parts.push(`${removed} taken out on purpose`);
  const without = total((g) => g.notMeasured.length);
  if (without > 0) parts.push(`${without} ${withoutWords(measure)}`);
  const blank = total((g) => g.notChecked.length);
  if (blank > 0) parts.push(`${blank} not looked at`);
  return `${parts.join(', ')}.`;
}

const withoutWords = ({ code, name }: Comparison['measure']) =>
  code === 'height' ? 'up without a height' : `looked at without ${name}`;

function cautions({ groups, measure, beforeSprouting }: Comparison, { container }: ClaimSubject): string[] {
  const found: string[] = [];
  const measured = groups.map((g) => g.dots.length);
  if (Math.min(...measured) < 3) found.push(`A treatment has fewer than three ${plural(container)} here: luck weighs a lot.`);
  const share = groups.map(
    (g) =>
      g.dots.length /
      Math.max(
        1,
        g.dots.length + g.lost.length + (beforeSprouting === 'zero' || measure.quantity === 'count-of' ? 0 : g.notUp.length),
      ),
  );
  if (Math.max(...share) - Math.min(...share) >= 0.2)
    found.push(
      'These are the survivors only. The treatments lost or kept back different shares of plants, and the ones that are missing may have been the weak ones.',
    );
  const blank = groups.flatMap((g) => g.notChecked.map((c) => c.code));
  if (blank.length > 0)
    found.push(
      `Nobody looked at ${listInWords(blank.slice(0, 6))}${blank.length > 6 ? ` and ${blank.length - 6} more` : ''} on this day.`,
    );
  const noBlocks = groups.every((g) => g.dots.every((d) => d.container.block === null));
  if (noBlocks) found.push('No teams are known here, so a careful and a careless measurer could look like a treatment.');
  return found;
}

/** Differences smaller than twice the class's own reading error are hard to tell from reading the ruler differently. */
function withinReading({ contrasts, measure }: Comparison, { readingErrorMm, resolution }: ClaimSubject): string[] {
  if (!readingErrorMm || measure.code !== 'height') return [];
  const small = contrasts.filter((c) => Math.abs(c.difference) < 2 * readingErrorMm);
  if (small.length === 0) return [];
  const within = summaryWords(measure, readingErrorMm, resolution);
  return [
    `Read by several teams, one plant gets values about ${within} apart: ${listInWords(small.map((c) => c.treatment.label))} ${small.length === 1 ? 'differs' : 'differ'} from the control by less than twice that, so reading alone could look like it.`,
  ];
}
