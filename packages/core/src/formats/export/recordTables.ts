import { isDated, type IsoDay } from '../../calendar/days';
import { ROOM_WORDS, type RoomKind } from '../../room/roomRecord';
import { column, type ExportCell, type ExportTable } from './exportTable';
import { type ExportedTable, findingsTable } from './findingsTable';

/** Everything of an investigation that leaves beside its plan. */
export interface RecordsToExport {
  findings: ExportedTable;
  /** IANA zone of the class, on whose clock moments are told. */
  clock: (instant: string) => string;
  containers: {
    code: string;
    treatment: string;
    treatmentLabel: string;
    control: boolean;
    kind: string;
    team: string | null;
    place: number;
    seeds: number;
    sownOn: IsoDay;
    child: number | null;
    inReserve: boolean;
  }[];
  checks: {
    container: string;
    team: string | null;
    day: IsoDay;
    recordedAt: string;
    receivedAt: string;
    source: string;
    dayReason: string | null;
  }[];
  care: {
    kind: string;
    day: IsoDay;
    team: string | null;
    amountMl: number | null;
    skipped: boolean;
    note: string | null;
    recordedAt: string;
  }[];
  deviations: { container: string; kind: string; seeds: number | null; note: string | null }[];
  room: { at: string; kind: RoomKind; value: number; source: string }[];
  predictions: {
    team: string;
    firstSproutDay: number | null;
    dayNumber: number;
    heightMm: number | null;
    winner: string | null;
  }[];
  pictures: { file: string; container: string; film: string; team: string | null; day: IsoDay }[];
}

const day = (d: IsoDay): ExportCell => (isDated(d) ? d : '');
const yes = (is: boolean): ExportCell => (is ? 'yes' : 'no');
const or = (cell: ExportCell | null): ExportCell => cell ?? '';

const CONTAINER = column('container', 'string', 'Code of the container, as on its stick.');
const TEAM = column('team', 'string', 'Nickname of the team; empty where it was the teacher.');
const NOTE = column('note', 'string', 'What was written beside it.');
const WRITTEN = column('recorded_at', 'datetime', 'When it was written down, on the clock of the class.');

/** The tables of an investigation, one for each kind of thing that is kept of it. */
export function recordTables(records: RecordsToExport): ExportTable[] {
  const { clock } = records;
  return [
    findingsTable(records.findings, clock),
    {
      name: 'containers',
      title: 'Containers',
      columns: [
        CONTAINER,
        column('treatment', 'string', 'Letter of the treatment.'),
        column('treatment_label', 'string', 'What the treatment gets, in words.'),
        column('control', 'yes-no', 'Whether the treatment is the control.'),
        column('kind', 'string', 'Kind of plant.'),
        column('team', 'string', 'Team that looks after it, or the block that it belongs to.'),
        column('place', 'integer', 'Place on the tray, counted from the first corner.'),
        column('seeds', 'integer', 'Seeds that were sown in it, as it really was.'),
        column('sown_on', 'date', 'Day on which it was sown; empty where nobody wrote it.'),
        column('child', 'integer', 'Whose it is within the team, where everybody has one.'),
        column('in_reserve', 'yes-no', 'It stands in reserve and is compared with nothing.'),
      ],
      rows: records.containers.map((c) => [
        c.code,
        c.treatment,
        c.treatmentLabel,
        yes(c.control),
        c.kind,
        or(c.team),
        c.place + 1,
        c.seeds,
        day(c.sownOn),
        or(c.child),
        yes(c.inReserve),
      ]),
    },
    {
      name: 'checks',
      title: 'Checks',
      columns: [
        CONTAINER,
        TEAM,
        column('date', 'date', 'Day of the look.'),
        WRITTEN,
        column('received_at', 'datetime', 'When the server had it: later where there was no network.'),
        column('source', 'string', 'bench, teacher, together, import, picture or simulated.'),
        column(
          'day_reason',
          'string',
          'Why it was written for another day than that of the device: wrong-clock, in-the-log, or in words.',
        ),
      ],
      rows: records.checks.map((c) => [
        c.container,
        or(c.team),
        day(c.day),
        clock(c.recordedAt),
        clock(c.receivedAt),
        c.source,
        or(c.dayReason),
      ]),
    },
    {
      name: 'care',
      title: 'Care',
      columns: [
        column('date', 'date', 'Day on which it was done.'),
        column('kind', 'string', 'What was done.'),
        TEAM,
        column('amount', 'number', 'How much was given to each container.', 'mL'),
        column('skipped', 'yes-no', 'It was due and was left out.'),
        NOTE,
        WRITTEN,
      ],
      rows: records.care.map((c) => [
        day(c.day),
        c.kind,
        or(c.team),
        or(c.amountMl),
        yes(c.skipped),
        or(c.note),
        clock(c.recordedAt),
      ]),
    },
    {
      name: 'deviations',
      title: 'Deviations',
      columns: [
        CONTAINER,
        column('kind', 'string', 'What went otherwise than planned when it was sown.'),
        column('seeds', 'integer', 'Seeds that were really sown, where they were counted.'),
        NOTE,
      ],
      rows: records.deviations.map((d) => [d.container, d.kind, or(d.seeds), or(d.note)]),
    },
    {
      name: 'room',
      title: 'Room',
      columns: [
        column('at', 'datetime', 'Moment of the reading, on the clock of the class.'),
        column('kind', 'string', 'temperature, light, moisture or ph.'),
        column('value', 'number', 'What was read, in the unit beside it.'),
        column('unit', 'string', 'Unit of the value.'),
        column('source', 'string', 'Read by hand, from a logger, or by the sensor box.'),
      ],
      rows: records.room.map((r) => [clock(r.at), r.kind, r.value, ROOM_WORDS[r.kind].unit, r.source]),
    },
    {
      name: 'predictions',
      title: 'Predictions',
      columns: [
        column('team', 'string', 'Nickname of the team.'),
        column('first_sprout_day', 'integer', 'Day on which it expected the first sprout.', 'd'),
        column('height_day', 'integer', 'Day for which it said a height.', 'd'),
        column('height', 'number', 'Height that it expected of its tallest plant on that day.', 'mm'),
        column('winner', 'string', 'Letter of the treatment that it expected to win.'),
      ],
      rows: records.predictions.map((p) => [p.team, or(p.firstSproutDay), p.dayNumber, or(p.heightMm), or(p.winner)]),
    },
    {
      name: 'pictures',
      title: 'Pictures',
      columns: [
        column('file', 'string', 'File of the picture in this package.'),
        column('container', 'string', 'Code of the container that is in it; empty for a picture of a film.'),
        column('film', 'string', 'Name of the film that it belongs to; empty for a picture of one container.'),
        TEAM,
        column('date', 'date', 'Day on which it was taken.'),
      ],
      rows: records.pictures.map((p) => [p.file, p.container, p.film, or(p.team), day(p.day)]),
    },
  ];
}

/** Every column of every table, with its unit and what stands in it. */
export function dictionaryTable(tables: readonly ExportTable[]): ExportTable {
  return {
    name: 'dictionary',
    title: 'Dictionary of columns',
    columns: [
      column('table', 'string', 'Table that the column belongs to.'),
      column('column', 'string', 'Name of the column.'),
      column('type', 'string', 'What kind of thing stands in it.'),
      column('unit', 'string', 'Unit of its numbers; empty where there is none.'),
      column('description', 'string', 'What stands in it.'),
    ],
    rows: tables.flatMap((t) =>
      t.columns.map((c) => [t.name, c.name, c.type === 'yes-no' ? 'yes or no' : c.type, c.unit, c.description]),
    ),
  };
}
