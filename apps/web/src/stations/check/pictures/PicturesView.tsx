import { say } from '@bright-sprout/words/say';
import { type FilmView } from '@bright-sprout/contracts/answers/films';
import { type InvestigationRecords } from '@bright-sprout/contracts/answers/investigations';
import { useState } from 'react';
import { Link, useParams, useSearchParams } from 'react-router';
import { useFilms } from '../../../api/queries';
import { CheckViews } from '../../../page/CheckViews';
import { InvestigationFrame } from '../../../page/InvestigationFrame';
import { Empty, Loaded } from '../../../page/Notices';
import { FilmPage } from './FilmPage';
import { type NewPicture, NewPictures } from './NewPictures';
import { SetUpFilm } from './SetUpFilm';
import './pictures.scss';

const TakeToday = () => {
  const { id = '' } = useParams();
  const [search] = useSearchParams();
  const film = shownFilm(useFilms(id).data ?? [], search.get('film'));
  return film ? (
    <Link className="btn-next" to={`/investigations/${id}/pictures/take/${film.id}`}>
      {say('pictures.takeTodaysPicture')}
    </Link>
  ) : (
    <Link className="btn-next" to={`/investigations/${id}`}>
      {say('common.seePlants')}
    </Link>
  );
};

const shownFilm = (films: readonly FilmView[], wanted: string | null): FilmView | undefined => {
  const there = films.filter((f) => !f.removed);
  return there.find((f) => f.id === wanted) ?? there[0];
};

const nextStep = () => <TakeToday />;

/** A photo a day that measures: pans, pots and trays as films, counted green. */
export function PicturesView() {
  return (
    <InvestigationFrame withTape={false} next={nextStep}>
      {({ records }) => (
        <>
          <CheckViews investigationId={records.investigation.id} />
          <Films records={records} />
        </>
      )}
    </InvestigationFrame>
  );
}

function Films({ records }: { records: InvestigationRecords }) {
  const films = useFilms(records.investigation.id);
  return (
    <Loaded query={films} what={say('pictures.thePictures')}>
      {(all) => (
        <>
          <NewPictures classId={records.investigation.class.id} fresh={newPictures(records, all)} />
          <OneFilm records={records} films={all} />
        </>
      )}
    </Loaded>
  );
}

/** Of films and of containers, what the teacher has not looked at. */
function newPictures({ investigation, photos }: InvestigationRecords, films: readonly FilmView[]): NewPicture[] {
  const codes = new Map([...investigation.containers, ...investigation.reserve].map((c) => [c.id, c.code]));
  return [
    ...films
      .filter((f) => !f.removed)
      .flatMap(({ name, frames }) => frames.filter((x) => !x.seen).map((x) => ({ ...x, of: name, path: '/frames' as const }))),
    ...photos.filter((p) => !p.seen).map((p) => ({ ...p, of: codes.get(p.containerId) ?? '', path: '/photos' as const })),
  ];
}

type SettingUp = { of: FilmView | null } | null;

function OneFilm({ records, films }: { records: InvestigationRecords; films: FilmView[] }) {
  const [search, setSearch] = useSearchParams();
  const [settingUp, setSettingUp] = useState<SettingUp>(null);
  const film = shownFilm(films, search.get('film'));
  const away = films.filter((f) => f.removed);
  const choose = (id: string) => setSearch({ film: id }, { replace: true });
  if (settingUp)
    return (
      <SetUpFilm
        key={settingUp.of?.id ?? 'new'}
        investigation={records.investigation}
        film={settingUp.of}
        onDone={(saved) => {
          setSettingUp(null);
          if (saved) choose(saved.id);
        }}
      />
    );
  if (!film)
    return (
      <Empty title={say('pictures.pictureDayBecomesFilm')}>
        <p>{say('pictures.sayStandsPicturePan')}</p>
        <p className="d-flex gap-2 flex-wrap">
          <button type="button" className="btn" onClick={() => setSettingUp({ of: null })}>
            {say('pictures.beginFilm')}
          </button>
          {away.map((f) => (
            <button key={f.id} type="button" className="btn btn-plain" onClick={() => setSettingUp({ of: f })}>
              {say('pictures.bringBackNamed', { name: f.name })}
            </button>
          ))}
        </p>
      </Empty>
    );
  return (
    <FilmPage
      key={film.id}
      records={records}
      film={film}
      others={films.filter((f) => f.id !== film.id)}
      onFilm={choose}
      onSetUp={(of) => setSettingUp({ of })}
    />
  );
}
