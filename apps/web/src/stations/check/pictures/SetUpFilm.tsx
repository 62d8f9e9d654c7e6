import { say } from '@bright-sprout/words/say';
import { FILM_KINDS, type FilmKind } from '@bright-sprout/contracts/filmKinds';
import { type FilmView } from '@bright-sprout/contracts/answers/films';
import { type SaveFilmRequest } from '@bright-sprout/contracts/films';
import { type InvestigationView } from '@bright-sprout/contracts/answers/investigations';
import { useState } from 'react';
import { v7 } from 'uuid';
import { request } from '../../../api/client';
import { useWrite } from '../../../api/queries';
import { treatmentLook } from '../../../theme/treatments';
import { ProblemNotice } from '../../../page/Notices';

const KIND_WORDS: Record<FilmKind, [string, string]> = {
  get pan(): [string, string] {
    return [say('pictures.panSections'), say('pictures.stringsStripsPartSomething')];
  },
  get container(): [string, string] {
    return [say('pictures.oneContainer'), say('pictures.potBoxBagAlone')];
  },
  get tray(): [string, string] {
    return [say('pictures.wholeTray'), say('pictures.potsStandRowsPlace')];
  },
};

/** How a grid of containers is laid out at first: as many across as fit a pan that is wider than deep. */
function gridFor(kind: FilmKind, containers: number): { columns: number; rows: number } {
  if (kind === 'container') return { columns: 1, rows: 1 };
  const columns = Math.min(12, Math.max(1, Math.ceil(Math.sqrt(containers * 1.5))));
  return { columns, rows: Math.min(12, Math.max(1, Math.ceil(containers / columns))) };
}

const cmOf = (mm: number | null) => (mm === null ? '' : String(mm / 10));
const mmOf = (cm: string): number | null => {
  const n = Number(cm.replace(',', '.'));
  return cm.trim() === '' || !Number.isFinite(n) ? null : Math.round(10 * n);
};

interface Props {
  investigation: InvestigationView;
  /** Null for a new one. */
  film: FilmView | null;
  onDone: (saved: FilmView | null) => void;
}

/** What stands in the picture: drawn from above, and said on the drawing. */
export function SetUpFilm({ investigation, film, onDone }: Props) {
  const { containers } = investigation;
  const [id] = useState(() => film?.id ?? v7());
  const [kind, setKind] = useState<FilmKind>(film?.kind ?? (investigation.methodId === 'flat_divided' ? 'pan' : 'tray'));
  const [name, setName] = useState(film?.name ?? '');
  const first = gridFor(kind, containers.length);
  const [columns, setColumns] = useState(film?.columns ?? first.columns);
  const [rows, setRows] = useState(film?.rows ?? first.rows);
  const filled = (n: number) => Array.from({ length: n }, (_, i): string | null => inOrder(containers)[i]?.id ?? null);
  const [cells, setCells] = useState<(string | null)[]>(film?.cells ?? filled(first.columns * first.rows));
  const [wide, setWide] = useState(cmOf(film?.wideMm ?? null));
  const [deep, setDeep] = useState(cmOf(film?.deepMm ?? null));
  const save = useWrite((removed: boolean) => {
    const body: SaveFilmRequest = {
      investigationId: investigation.id,
      version: film?.version ?? 0,
      name: name.trim() || KIND_WORDS[kind][0],
      kind,
      columns,
      rows,
      cells,
      wideMm: mmOf(wide),
      deepMm: mmOf(deep),
      index: film?.index ?? 'excess-green',
      removed,
    };
    return request<FilmView>('PUT', `/films/${id}`, body);
  }, 'films');
  const reshape = (c: number, r: number) => {
    setColumns(c);
    setRows(r);
    // Who stood in a place stays there.
    setCells(
      Array.from({ length: c * r }, (_, i) =>
        i % c < columns && Math.floor(i / c) < rows ? (cells[Math.floor(i / c) * columns + (i % c)] ?? null) : null,
      ),
    );
  };
  const toKind = (k: FilmKind) => {
    setKind(k);
    const grid = gridFor(k, containers.length);
    setColumns(grid.columns);
    setRows(grid.rows);
    setCells(filled(grid.columns * grid.rows));
  };
  const put = (at: number, to: string | null) =>
    setCells((before) => before.map((c, i) => (i === at ? to : c === to ? null : c)));
  const send = (removed: boolean) => save.mutate(removed, { onSuccess: (saved) => onDone(removed ? null : saved) });
  return (
    <form
      className="set-up-film"
      onSubmit={(event) => {
        event.preventDefault();
        send(false);
      }}
    >
      <div className="set-up-words">
        <h2>{film ? say('pictures.sectionsSize') : say('pictures.standsPicture')}</h2>
        {!film && <Kinds kind={kind} onKind={toKind} />}
        <label>
          {say('pictures.itsName')}
          <input
            className="form-control"
            value={name}
            maxLength={60}
            placeholder={KIND_WORDS[kind][0]}
            onChange={(e) => setName(e.target.value)}
          />
        </label>
        {kind !== 'container' && (
          <p className="set-up-grid">
            <Count name={say('pictures.sideBySide')} value={columns} onChange={(c) => reshape(c, rows)} />
            <Count name={say('pictures.behindOther')} value={rows} onChange={(r) => reshape(columns, r)} />
          </p>
        )}
        <Size wide={wide} onWide={setWide} deep={deep} onDeep={setDeep} />
        <p className="second">{say('pictures.sizePictureKeepsRight')}</p>
        {save.error && <ProblemNotice error={save.error} />}
        <p className="d-flex gap-2 flex-wrap">
          <button type="submit" className="btn-next" disabled={save.isPending}>
            {film ? say('pictures.keepItSo') : say('pictures.beginTheFilm')}
          </button>
          <button type="button" className="btn btn-plain" onClick={() => onDone(null)}>
            {say('common.leaveIt')}
          </button>
          {film && !film.removed && (
            <button type="button" className="btn btn-plain" onClick={() => send(true)}>
              {say('pictures.putFilmAway')}
            </button>
          )}
        </p>
      </div>
      <PanFromAbove investigation={investigation} columns={columns} cells={cells} onPut={put} />
    </form>
  );
}

function Size({
  wide,
  onWide,
  deep,
  onDeep,
}: {
  wide: string;
  onWide: (cm: string) => void;
  deep: string;
  onDeep: (cm: string) => void;
}) {
  return (
    <p className="set-up-grid">
      <label>
        {say('pictures.widthCm')}
        <input className="form-control" inputMode="decimal" value={wide} onChange={(e) => onWide(e.target.value)} />
      </label>
      <label>
        {say('pictures.depthCm')}
        <input className="form-control" inputMode="decimal" value={deep} onChange={(e) => onDeep(e.target.value)} />
      </label>
    </p>
  );
}

type Containers = InvestigationView['containers'];
const inOrder = (containers: Containers) => [...containers].sort((a, b) => a.position - b.position);

function Kinds({ kind, onKind }: { kind: FilmKind; onKind: (kind: FilmKind) => void }) {
  return (
    <div className="film-kinds" role="group" aria-label={say('pictures.whatItIs')}>
      {FILM_KINDS.map((k) => (
        <button key={k} type="button" className="film-kind" aria-pressed={kind === k} onClick={() => onKind(k)}>
          <KindDrawing kind={k} />
          <b>{KIND_WORDS[k][0]}</b>
          <span>{KIND_WORDS[k][1]}</span>
        </button>
      ))}
    </div>
  );
}

/** Who stands where, chosen on a drawing from above. */
function PanFromAbove({
  investigation: { containers },
  columns,
  cells,
  onPut,
}: {
  investigation: InvestigationView;
  columns: number;
  cells: readonly (string | null)[];
  onPut: (at: number, to: string | null) => void;
}) {
  return (
    <div
      className="set-up-pan"
      style={{ gridTemplateColumns: `repeat(${columns}, 1fr)` }}
      role="group"
      aria-label={say('pictures.sectionsAbove')}
    >
      {cells.map((cell, i) => {
        const container = containers.find((c) => c.id === cell);
        return (
          <label key={i} style={container ? { background: treatmentLook(container.treatment).tint } : undefined}>
            <span className="visually-hidden">{say('pictures.section', { i: i + 1 })}</span>
            <select value={cell ?? ''} onChange={(e) => onPut(i, e.target.value || null)}>
              <option value="">{say('pictures.nothing')}</option>
              {inOrder(containers).map((c) => (
                <option key={c.id} value={c.id}>
                  {c.code}
                </option>
              ))}
            </select>
          </label>
        );
      })}
    </div>
  );
}

function Count({ name, value, onChange }: { name: string; value: number; onChange: (n: number) => void }) {
  return (
    <span className="set-up-count" role="group" aria-label={say('pictures.sections', { name })}>
      <button
        type="button"
        className="btn"
        aria-label={say('pictures.oneLess')}
        disabled={value <= 1}
        onClick={() => onChange(value - 1)}
      >
        −
      </button>
      <b>{value}</b>
      <button
        type="button"
        className="btn"
        aria-label={say('pictures.oneMore')}
        disabled={value >= 12}
        onClick={() => onChange(value + 1)}
      >
        +
      </button>
      {name}
    </span>
  );
}

function KindDrawing({ kind }: { kind: FilmKind }) {
  return (
    <svg width="72" height="48" viewBox="0 0 72 48" aria-hidden="true" fill="#fff" stroke="#2a1b2e" strokeWidth="2">
      {kind === 'pan' && <path d="M3 4h66v40H3zM25 4v40M47 4v40M3 24h66" />}
      {kind === 'container' && <path d="M22 4h28v40H22z" />}
      {kind === 'tray' && [13, 36, 59].flatMap((x) => [13, 36].map((y) => <circle key={`${x} ${y}`} cx={x} cy={y} r="9" />))}
    </svg>
  );
}
