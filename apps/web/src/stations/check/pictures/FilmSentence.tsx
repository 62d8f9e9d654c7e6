import { say } from '@bright-sprout/words/say';
import { Say } from '../../../words/Say';
import { type FilmView } from '@bright-sprout/contracts/answers/films';
import { type SaveFilmRequest } from '@bright-sprout/contracts/films';
import { formatDay } from '@bright-sprout/core/calendar/days';
import { INDEX_WORDS } from '@bright-sprout/core/pictures/countingWords';
import { GREEN_INDICES, type GreenIndex } from '@bright-sprout/core/pictures/greenness';
import { request } from '../../../api/client';
import { useWrite } from '../../../api/queries';
import { ProblemNotice } from '../../../page/Notices';
import { RuledWord } from '../../../page/RuledWord';
import { type FilmDay } from './filmDays';

const ANOTHER = 'another';

/** What is looked at, as a sentence whose words open. */
export function FilmSentence({
  film,
  others,
  days,
  chosen,
  onChoose,
  onFilm,
  onSetUp,
}: {
  film: FilmView;
  others: readonly FilmView[];
  days: readonly FilmDay[];
  chosen: number | null;
  onChoose: (day: number) => void;
  onFilm: (id: string) => void;
  onSetUp: (film: FilmView | null) => void;
}) {
  const change = useWrite((part: Partial<SaveFilmRequest>) => {
    const { investigationId, version, name, kind, columns, rows, cells, wideMm, deepMm, index, removed } = film;
    const body = { investigationId, version, name, kind, columns, rows, cells, wideMm, deepMm, index, removed, ...part };
    return request<FilmView>('PUT', `/films/${film.id}`, body satisfies SaveFilmRequest);
  }, 'films');
  const away = others.filter((f) => f.removed);
  const toFilm = (id: string) => {
    if (id === ANOTHER) return onSetUp(null);
    if (id === film.id) return;
    const put = away.find((f) => f.id === id);
    return put ? onSetUp(put) : onFilm(id);
  };
  return (
    <div className="film-words">
      <div className="ruled-sentence">
        <Say
          it="pictures.greenCounted"
          what={
            <RuledWord
              name={say('pictures.film')}
              value={film.id}
              choices={[
                { value: film.id, label: film.name },
                ...others.filter((f) => !f.removed).map((f) => ({ value: f.id, label: f.name })),
                { value: ANOTHER, label: say('pictures.beginAnotherFilm') },
                ...away.map((f) => ({ value: f.id, label: say('pictures.bringBack', { name: f.name }) })),
              ]}
              onChoose={toFilm}
            />
          }
          chosen={
            chosen !== null && (
              <>
                {' '}
                <Say
                  it="pictures.onWhat"
                  what={
                    <RuledWord
                      name={say('common.dayHead')}
                      value={String(chosen)}
                      choices={days.map((d) => ({
                        value: String(d.number),
                        label: say('common.dayNumber', { number: d.number }),
                        detail: formatDay(d.day),
                      }))}
                      onChoose={(day) => onChoose(Number(day))}
                    />
                  }
                />
              </>
            )
          }
          how={
            <RuledWord<GreenIndex>
              name={say('pictures.wayCounting')}
              value={film.index}
              choices={GREEN_INDICES.map((index) => ({
                value: index,
                label: INDEX_WORDS[index],
                detail: index === 'excess-green' ? say('pictures.greenerRedBlueTogether') : say('pictures.takesOffRedWell'),
              }))}
              onChoose={(index) => index !== film.index && change.mutate({ index })}
            />
          }
        />
      </div>
      <button type="button" className="btn btn-plain" onClick={() => onSetUp(film)}>
        {say('pictures.sectionsSize')}
      </button>
      {change.error && <ProblemNotice error={change.error} />}
    </div>
  );
}
