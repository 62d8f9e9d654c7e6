import { say } from '@bright-sprout/words/say';
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

const containerWords = () => column('container', 'string', say('exports.codeContainerStick'));
const teamWords = () => column('team', 'string', say('exports.nicknameTeamEmptyWhere'));
const noteWords = () => column('note', 'string', say('exports.writtenBeside'));
const written = () => column('recorded_at', 'datetime', say('exports.whenWrittenDownClock'));

/** The tables of an investigation, one for each kind of thing that is kept of it. */
export const recordTables = (records: RecordsToExport): ExportTable[] => [
  findingsTable(records.findings, records.clock),
  containersTable(records),
  checksTable(records),
  careTable(records),
  deviationsTable(records),
  roomTable(records),
  predictionsTable(records),
  picturesTable(records),
];

const containersTable = ({ containers }: RecordsToExport): ExportTable => ({
  name: 'containers',
  title: say('common.containers'),
  columns: [
    containerWords(),
    column('treatment', 'string', say('exports.letterTreatment')),
    column('treatment_label', 'string', say('exports.treatmentGetsWords')),
    column('control', 'yes-no', say('exports.whetherTreatmentControl')),
    column('kind', 'string', say('exports.kindOfPlantNote')),
    column('team', 'string', say('exports.teamLooksAfterBlock')),
    column('place', 'integer', say('exports.placeTrayCountedFirst')),
    column('seeds', 'integer', say('exports.seedsSownReally')),
    column('sown_on', 'date', say('exports.daySownEmptyWhere')),
    column('child', 'integer', say('exports.whoseWithinTeamWhere')),
    column('in_reserve', 'yes-no', say('exports.standsReserveComparedNothing')),
  ],
  rows: containers.map((c) => [
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
});

const checksTable = ({ checks, clock }: RecordsToExport): ExportTable => ({
  name: 'checks',
  title: say('exports.checks'),
  columns: [
    containerWords(),
    teamWords(),
    column('date', 'date', say('exports.dayLook')),
    written(),
    column('received_at', 'datetime', say('exports.whenServerLaterWhere')),
    column('source', 'string', say('exports.benchTeacherTogetherImport')),
    column('day_reason', 'string', say('exports.whyWrittenAnotherDay')),
  ],
  rows: checks.map((c) => [
    c.container,
    or(c.team),
    day(c.day),
    clock(c.recordedAt),
    clock(c.receivedAt),
    c.source,
    or(c.dayReason),
  ]),
});

const careTable = ({ care, clock }: RecordsToExport): ExportTable => ({
  name: 'care',
  title: say('exports.care'),
  columns: [
    column('date', 'date', say('exports.dayDone')),
    column('kind', 'string', say('exports.whatWasDone')),
    teamWords(),
    column('amount', 'number', say('exports.muchGivenContainer'), 'mL'),
    column('skipped', 'yes-no', say('exports.dueLeft')),
    noteWords(),
    written(),
  ],
  rows: care.map((c) => [day(c.day), c.kind, or(c.team), or(c.amountMl), yes(c.skipped), or(c.note), clock(c.recordedAt)]),
});

const deviationsTable = ({ deviations }: RecordsToExport): ExportTable => ({
  name: 'deviations',
  title: say('exports.deviations'),
  columns: [
    containerWords(),
    column('kind', 'string', say('exports.wentDifferentlyWhenSown')),
    column('seeds', 'integer', say('exports.seedsReallySownWhere')),
    noteWords(),
  ],
  rows: deviations.map((d) => [d.container, d.kind, or(d.seeds), or(d.note)]),
});

const roomTable = ({ room, clock }: RecordsToExport): ExportTable => ({
  name: 'room',
  title: say('exports.room'),
  columns: [
    column('at', 'datetime', say('exports.momentReadingClockClass')),
    column('kind', 'string', say('exports.temperatureLightMoisturePh')),
    column('value', 'number', say('exports.readUnitBeside')),
    column('unit', 'string', say('exports.unitValue')),
    column('source', 'string', say('exports.readHandLoggerSensor')),
  ],
  rows: room.map((r) => [clock(r.at), r.kind, r.value, ROOM_WORDS[r.kind].unit, r.source]),
});

const predictionsTable = ({ predictions }: RecordsToExport): ExportTable => ({
  name: 'predictions',
  title: say('exports.predictions'),
  columns: [
    column('team', 'string', say('exports.nicknameTeam')),
    column('first_sprout_day', 'integer', say('exports.dayExpectedFirstSprout'), 'd'),
    column('height_day', 'integer', say('exports.daySaidHeight'), 'd'),
    column('height', 'number', say('exports.heightExpectedTallestPlant'), 'mm'),
    column('winner', 'string', say('exports.letterTreatmentExpectedWin')),
  ],
  rows: predictions.map((p) => [p.team, or(p.firstSproutDay), p.dayNumber, or(p.heightMm), or(p.winner)]),
});

const picturesTable = ({ pictures }: RecordsToExport): ExportTable => ({
  name: 'pictures',
  title: say('exports.pictures'),
  columns: [
    column('file', 'string', say('exports.filePicturePackage')),
    column('container', 'string', say('exports.codeContainerEmptyPicture')),
    column('film', 'string', say('exports.nameFilmBelongsEmpty')),
    teamWords(),
    column('date', 'date', say('exports.dayTaken')),
  ],
  rows: pictures.map((p) => [p.file, p.container, p.film, or(p.team), day(p.day)]),
});

/** Every column of every table, with its unit and what stands in it. */
export function dictionaryTable(tables: readonly ExportTable[]): ExportTable {
  return {
    name: 'dictionary',
    title: say('exports.dictionaryColumns'),
    columns: [
      column('table', 'string', say('exports.tableColumnBelongs')),
      column('column', 'string', say('exports.nameColumn')),
      column('type', 'string', say('exports.kindThingStands')),
      column('unit', 'string', say('exports.unitNumbersEmptyWhere')),
      column('description', 'string', say('exports.whatStandsInIt')),
    ],
    rows: tables.flatMap((t) =>
      t.columns.map((c) => [t.name, c.name, c.type === 'yes-no' ? say('exports.yesOrNo') : c.type, c.unit, c.description]),
    ),
  };
}
