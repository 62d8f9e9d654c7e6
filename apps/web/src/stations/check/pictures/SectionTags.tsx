import { type FilmView } from '@bright-sprout/contracts/answers/films';
import { type InvestigationView } from '@bright-sprout/contracts/answers/investigations';
import { sectionEdges } from '@bright-sprout/core/pictures/sectionGrid';
import { TreatmentMark } from '../../../marks/TreatmentMark';

/** Each section framed, with its mark, its code and how green it is. */
export function SectionTags({
  film,
  investigation,
  green,
}: {
  film: FilmView;
  investigation: InvestigationView;
  green: readonly (number | null)[] | null;
}) {
  return film.cells.map((cell, i) => {
    const container = investigation.containers.find((c) => c.id === cell);
    if (!container) return null;
    const { left, right, top, bottom } = sectionEdges(film, i);
    const share = green?.[i] ?? null;
    return (
      <div
        key={i}
        className="pan-section"
        style={{
          left: `${100 * left}%`,
          width: `${100 * (right - left)}%`,
          top: `${100 * top}%`,
          height: `${100 * (bottom - top)}%`,
        }}
      >
        <span className="pan-tag">
          <TreatmentMark code={container.treatment} size={17} />
          <b>{container.code}</b>
          {share !== null && <b className="pan-share">{Math.round(share)} %</b>}
        </span>
      </div>
    );
  });
}
