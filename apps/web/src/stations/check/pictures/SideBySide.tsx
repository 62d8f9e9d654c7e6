import { say } from '@bright-sprout/words/say';
import { type FilmView } from '@bright-sprout/contracts/answers/films';
import { type InvestigationView } from '@bright-sprout/contracts/answers/investigations';
import { sectionEdges } from '@bright-sprout/core/pictures/sectionGrid';
import { useEffect, useRef } from 'react';
import { TreatmentMark } from '../../../marks/TreatmentMark';
import { type ShownFrame } from '../../../workers/useFilm';

interface Props {
  film: FilmView;
  investigation: InvestigationView;
  shown: ShownFrame | null;
  sections: readonly number[];
  green: readonly (number | null)[] | null;
}

/** Two sections of a pan beside each other, larger; what was counted lies under each. */
export function SideBySide({ film, investigation, shown, sections, green }: Props) {
  return (
    <div className="side-by-side">
      {sections.map((at) => {
        const container = investigation.containers.find((c) => c.id === film.cells[at]);
        const share = green?.[at] ?? null;
        return (
          <figure key={at}>
            <figcaption>
              {container && <TreatmentMark code={container.treatment} size={18} />} <b>{container?.code}</b>
              {share !== null && <b> {Math.round(share)} %</b>}
            </figcaption>
            {shown && (
              <>
                <Section
                  film={film}
                  at={at}
                  bitmap={shown.taken}
                  label={say('pictures.codeAsTaken', { code: container?.code ?? say('pictures.sectionTitle') })}
                />
                <Section
                  film={film}
                  at={at}
                  bitmap={shown.counted}
                  label={say('pictures.codeAsCounted', { code: container?.code ?? say('pictures.sectionTitle') })}
                />
              </>
            )}
          </figure>
        );
      })}
    </div>
  );
}

function Section({ film, at, bitmap, label }: { film: FilmView; at: number; bitmap: ImageBitmap; label: string }) {
  const canvas = useRef<HTMLCanvasElement>(null);
  useEffect(() => {
    const c = canvas.current;
    if (!c) return;
    const { left, right, top, bottom } = sectionEdges(film, at);
    const [w, h] = [(right - left) * bitmap.width, (bottom - top) * bitmap.height];
    [c.width, c.height] = [Math.round(w), Math.round(h)];
    c.getContext('2d')?.drawImage(bitmap, left * bitmap.width, top * bitmap.height, w, h, 0, 0, c.width, c.height);
  }, [film, at, bitmap]);
  return <canvas ref={canvas} role="img" aria-label={label} />;
}
