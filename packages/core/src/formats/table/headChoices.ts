import { say } from '@bright-sprout/words/say';
import { formatDay } from '../../calendar/days';
import { isSeedCount } from '../../measures/builtIn/counts';
import { type Measure } from '../../measures/measure';
import { newOwnMeasure, type OwnMeasure } from '../../measures/ownMeasure';
import { BUILT_IN, measureOf } from '../../measures/registry';
import { GRAMS_PER, type MassUnit } from '../../quantities/mass';
import { lengthIn, type LengthUnit, parseLength } from '../../quantities/length';
import { columnCells, type ColumnCells } from './columnCells';
import { type ColumnMeaning, type MeasureColumn, partsOfOne, type Role, type TableReading } from './columnMeaning';
import { ownMeasureOf } from './ownMeasures';
import { readDate } from './readDate';
import { headName, type Sheet } from './sheet';
import { nameStem, unitOfHead } from './headWords';

/** One thing that a column can be said to mean, with what would follow. */
export interface HeadChoice {
  meaning: ColumnMeaning;
  /** Stands before the words: the unit, or a sign. */
  sign: string;
  words: string;
  detail: string;
  /** It defines a measure that nobody knew. */
  own?: OwnMeasure;
}

export const ROLE_WORDS: Record<Role, string> = {
  get treatment() {
    return say('tablesIn.roleTreatment');
  },
  get 'second-factor'() {
    return say('tablesIn.secondThingChanged');
  },
  get 'third-factor'() {
    return say('tablesIn.thirdThingChanged');
  },
  get dose() {
    return say('tablesIn.roleDose');
  },
  get container() {
    return say('tablesIn.roleContainer');
  },
  get plant() {
    return say('tablesIn.plantContainer');
  },
  get team() {
    return say('tablesIn.teamBlock');
  },
  get class() {
    return say('tablesIn.roleClass');
  },
  get day() {
    return say('tablesIn.daySinceSowing');
  },
  get date() {
    return say('tablesIn.roleDate');
  },
  get 'sown-on'() {
    return say('tablesIn.sowingDay');
  },
  get 'of-how-many'() {
    return say('tablesIn.ofHowMany');
  },
  get state() {
    return say('tablesIn.roleState');
  },
  get note() {
    return say('tablesIn.note');
  },
  get 'treatment-label'() {
    return say('tablesIn.nameTreatment');
  },
  get control() {
    return say('tablesIn.isItTheControl');
  },
  get 'length-unit'() {
    return say('tablesIn.unitHeight');
  },
  get 'lost-because'() {
    return say('tablesIn.whyLost');
  },
  get asked() {
    return say('tablesIn.benchAsked');
  },
  get answered() {
    return say('tablesIn.whatWasAnswered');
  },
  get 'second-mm'() {
    return say('tablesIn.measuredAgainMm');
  },
  get 'recorded-at'() {
    return say('tablesIn.whenWritten');
  },
  reading: 'reading',
  get corrects() {
    return say('tablesIn.correctsReading');
  },
  get 'own-measures'() {
    return say('tablesIn.ownMeasures');
  },
};

/** Roles that a person may choose; the rest come with files of this product. */
const OFFERED: Role[] = [
  'treatment',
  'second-factor',
  'third-factor',
  'dose',
  'container',
  'plant',
  'team',
  'class',
  'day',
  'date',
  'sown-on',
  'of-how-many',
  'state',
  'note',
];

/** What a column means, as its head says it. */
export function meaningWords(meaning: ColumnMeaning, own: readonly OwnMeasure[]): string {
  switch (meaning.is) {
    case 'open':
      return say('tablesIn.whichIsIt');
    case 'left-out':
      return say('tablesIn.leaveOut');
    case 'typed':
      return say('tablesIn.asTyped', { name: measureOf(meaning.of, own)?.name ?? meaning.of });
    case 'measure': {
      const measure = measureOf(meaning.measure, own);
      return measure === null ? say('tablesIn.whichIsIt') : measureWords(measure, meaning);
    }
    case 'dose':
      return meaning.unit ? say('tablesIn.doseIn', { unit: meaning.unit }) : 'dose';
    case 'day':
      return meaning.unit === 'weeks'
        ? say('tablesIn.weekSinceSowing')
        : meaning.unit === 'hours'
          ? say('tablesIn.hourSinceSowing')
          : say('tablesIn.daySinceSowing');
    case 'container':
      return meaning.names === 'treatment' ? say('tablesIn.containerCalledAfterTreatment') : ROLE_WORDS.container;
    default:
      return ROLE_WORDS[meaning.is];
  }
}

function measureWords(measure: Measure, { unit, counting, on, at }: MeasureColumn): string {
  const shown = unit || (measure.quantity === 'number' || measure.quantity === 'share' ? measure.unit : '');
  const name = counting === 'new' ? say('tablesIn.newSinceLastLook', { name: measure.name }) : measure.name;
  const where = on
    ? `, ${'number' in on ? say('common.dayNumber', { number: on.number }) : on.date}`
    : at
      ? `, ${at.container || at.treatment}`
      : '';
  return `${shown && shown !== measure.name ? say('tablesIn.nameInUnit', { name, unit: shown }) : name}${where}`;
}

/** Everything that a column can be said to mean, the likeliest first. */
export function headChoices(sheet: Sheet, reading: TableReading, column: number): HeadChoice[] {
  const cells = columnCells(sheet, column);
  const now = reading.columns[column]!;
  const place = now.is === 'measure' ? { on: now.on, at: now.at } : {};
  const measure = now.is === 'measure' ? measureOf(now.measure, reading.own) : null;
  const { unit } = unitOfHead(headName(sheet, column));
  const same = measure === null ? [] : unitsOf(measure, unit).map((u) => ofMeasure(measure, u, cells, place));
  const others = BUILT_IN.filter((m) => m.code !== measure?.code && suits(m, cells)).map((m) =>
    ofMeasure(m, unitsOf(m, unit)[0]!, cells, place),
  );
  const counting =
    now.is === 'measure' && isSeedCount(now.measure)
      ? (['by-then', 'new'] as const).map((c): HeadChoice => ({
          meaning: { ...now, counting: c },
          sign: c === 'new' ? '+' : '#',
          words:
            c === 'new'
              ? say('tablesIn.newSinceLastLook', { name: measure!.name })
              : say('tablesIn.byThen', { name: measure!.name }),
          detail: c === 'new' ? say('tablesIn.countsLookAdded') : say('tablesIn.lookTellsMany'),
        }))
      : [];
  const own = ownMeasureOf(headName(sheet, column), sheet, column);
  const ownChoice: HeadChoice[] =
    own && !(measure && reading.own.includes(reading.own.find((m) => m.code === measure.code)!))
      ? [
          {
            meaning: {
              is: 'measure',
              measure: own.code,
              unit: own.quantity === 'length' || own.quantity === 'mass' ? unit : '',
              ...place,
            },
            sign: '?',
            words: say('tablesIn.anotherMeasure'),
            detail: say('tablesIn.nameUnit'),
            own,
          },
        ]
      : [];
  const roles =
    place.on || place.at
      ? []
      : OFFERED.filter((r) => roleSuits(r, cells)).flatMap((r) => {
          const choice = ofRole(r, cells, reading, unit);
          if (r === 'day' && cells.numeric) return [choice, weeksOf(cells), hoursOf(cells)];
          return r === 'container' && !cells.numeric ? [choice, namedAfterTreatment(cells)] : [choice];
        });
  const measured = [...(counting.length > 0 ? counting : same), ...(counting.length > 0 ? [] : []), ...others, ...ownChoice];
  const numbersFirst = cells.numeric || (measure !== null && same.length > 0);
  const leave: HeadChoice = {
    meaning: { is: 'left-out' },
    sign: '–',
    words: say('tablesIn.leaveOut'),
    detail: say('tablesIn.staysFileBrought'),
  };
  const listed = numbersFirst ? [...measured, leave, ...roles] : [...roles, leave, ...measured];
  return now.is === 'measure' || now.is === 'open' || now.is === 'left-out' ? listed : [...roles, leave, ...measured];
}

/** The units in which a measure can stand, the one in the head first. */
function unitsOf({ quantity }: Measure, head: string): string[] {
  const all =
    quantity === 'length'
      ? ['cm', 'mm', 'in', 'ft', 'm']
      : quantity === 'mass'
        ? ['g', 'mg', 'kg', 'oz', 'lb']
        : quantity === 'share'
          ? ['', partsOfOne()]
          : [''];
  return all.includes(head) ? [head, ...all.filter((u) => u !== head)] : all;
}

function suits(measure: Measure, { numeric, distinct, filled }: ColumnCells): boolean {
  if (filled.length === 0) return true;
  if (measure.choices.length > 0)
    return distinct.some((d) =>
      measure.choices.some((c) => c.words.toLowerCase() === d.toLowerCase() || c.code === d.toLowerCase()),
    );
  // Seeds and leaves are whole.
  const counted = measure.quantity === 'count' || measure.quantity === 'count-of';
  if (counted && filled.some((c) => /\d[.,]\d*[1-9]/.test(c))) return false;
  return numeric || filled.some((c) => /^\d/.test(c));
}

function roleSuits(role: Role, { numeric, dates }: ColumnCells): boolean {
  if (role === 'of-how-many') return numeric;
  if (role === 'date' || role === 'sown-on') return dates || !numeric;
  if (role === 'state') return !numeric;
  return role === 'day' ? numeric || !dates : true;
}

function ofMeasure(measure: Measure, unit: string, cells: ColumnCells, place: Pick<MeasureColumn, 'on' | 'at'>): HeadChoice {
  const meaning: MeasureColumn = {
    is: 'measure',
    measure: measure.code,
    unit,
    ...(isSeedCount(measure.code) ? { counting: 'by-then' as const } : {}),
    ...(place.on ? { on: place.on } : {}),
    ...(place.at ? { at: place.at } : {}),
  };
  return {
    meaning,
    sign: unit === partsOfOne() ? '1' : unit || signOf(measure),
    words: measureWords(measure, { ...meaning, on: undefined, at: undefined }),
    detail: consequence(measure, unit, cells),
  };
}

const signOf = ({ quantity, unit }: Measure) =>
  quantity === 'count' || quantity === 'count-of' ? '#' : unit.length <= 2 && unit !== '' ? unit : '·';

const SHORTEST_MM = 1;
const TALLEST_PLANT_MM = 4000;
const LIGHTEST_G = 0.002;
const HEAVIEST_G = 3000;

/** What would stand in the records, from the least and the most of the column. */
function consequence(measure: Measure, unit: string, { least, most, filled }: ColumnCells): string {
  if (!Number.isFinite(least)) return filled.length === 0 ? say('tablesIn.nothingStands') : say('tablesIn.chosenWords');
  const plain = (n: number) => String(Number(n.toPrecision(3)));
  const of = measure.of === 'plant' ? say('tablesIn.aPlant') : say('tablesIn.aContainer');
  if (measure.quantity === 'length') {
    const low = parseLength(String(Math.max(0, least)), unit as LengthUnit);
    const high = parseLength(String(Math.max(0, most)), unit as LengthUnit);
    if (!low.ok || !high.ok) return '';
    const odd = high.mm > TALLEST_PLANT_MM || high.mm < SHORTEST_MM;
    const shown = (mm: number) => plain(lengthIn(mm, 'cm'));
    return measure.code === 'height'
      ? say('tablesIn.plantsDrawnCmTall', { least: shown(low.mm), hasLeast: least > 0, most: shown(high.mm), odd })
      : say('tablesIn.toCm', { least: shown(low.mm), most: shown(high.mm), odd });
  }
  if (measure.quantity === 'mass') {
    const grams = (n: number) => n * GRAMS_PER[unit as MassUnit];
    if (grams(most) < LIGHTEST_G || grams(most) > HEAVIEST_G)
      return say('tablesIn.weighsGUnlikely', { of, plain: plain(grams(most)) });
    return say('tablesIn.gMark', { least: plain(grams(least)), most: plain(grams(most)), of });
  }
  if (unit === partsOfOne())
    return say('tablesIn.percentMoreThanCan', { least: plain(100 * least), most: plain(100 * most), of, severalMost: most > 1 });
  const beyond = (measure.most !== null && most > measure.most) || (measure.least !== null && least < measure.least);
  return say('tablesIn.valuesMoreThanCan', {
    least: plain(least),
    most: plain(most),
    unit: measure.unit && measure.unit !== 'pH' ? ` ${measure.unit}` : '',
    of,
    beyond,
  });
}

function ofRole(role: Role, cells: ColumnCells, reading: TableReading, unit: string): HeadChoice {
  const { distinct, least, most, filled } = cells;
  const names =
    distinct.length <= 4
      ? `${distinct.length}: ${distinct.join(', ')}`
      : say('tablesIn.differentOnes', { countDistinct: distinct.length });
  const dates = () => {
    const days = distinct.flatMap((d) => readDate(d, reading.dateOrder, reading.year) ?? []).sort();
    return days.length === 0
      ? say('tablesIn.cellDate')
      : say('tablesIn.daysFromTo', { from: formatDay(days[0]!), to: formatDay(days[days.length - 1]!) });
  };
  const detail: Partial<Record<Role, string>> = {
    day: Number.isFinite(least) ? say('tablesIn.dayDay', { least, most }) : say('tablesIn.numberDays'),
    date: role === 'date' || role === 'sown-on' ? dates() : '',
    'sown-on': role === 'sown-on' ? dates() : '',
    'of-how-many': Number.isFinite(least)
      ? say('tablesIn.countsAreOutOf', { least: least === most ? least : say('tablesIn.leastToMost', { least, most }) })
      : say('tablesIn.countsAreOutOfIt'),
    note: say('tablesIn.notesKept', { countFilled: filled.length }),
    dose: Number.isFinite(least)
      ? say('tablesIn.amountsTo', { countDistinct: distinct.length, least, most, unit: unit && ` ${unit}` })
      : names,
  };
  return {
    meaning: role === 'dose' ? { is: role, unit } : { is: role },
    sign: ROLE_SIGNS[role] ?? '·',
    words: ROLE_WORDS[role],
    detail: (detail[role] ?? names).slice(0, 70),
  };
}

/** Days that are counted in weeks. */
const weeksOf = ({ least, most }: ColumnCells): HeadChoice => ({
  meaning: { is: 'day', unit: 'weeks' },
  sign: '7',
  words: say('tablesIn.weekSinceSowing'),
  detail: Number.isFinite(least) ? say('tablesIn.dayDay', { least: 7 * least, most: 7 * most }) : say('tablesIn.sevenDays'),
});

const hoursOf = ({ least, most }: ColumnCells): HeadChoice => ({
  meaning: { is: 'day', unit: 'hours' },
  sign: 'h',
  words: say('tablesIn.hourSinceSowing'),
  detail: Number.isFinite(least)
    ? say('tablesIn.dayToDay', { from: Math.floor(least / 24), to: Math.floor(most / 24) })
    : say('tablesIn.hoursDay'),
});

const namedAfterTreatment = ({ distinct }: ColumnCells): HeadChoice => {
  const stems = [...new Set(distinct.map(nameStem))];
  return {
    meaning: { is: 'container', names: 'treatment' },
    sign: '…',
    words: say('tablesIn.containerCalledAfterTreatment'),
    detail: say('tablesIn.treatments', { countStems: stems.length, stems: stems.join(', ') }).slice(0, 70),
  };
};

const ROLE_SIGNS: Partial<Record<Role, string>> = { day: '1', date: '31', 'of-how-many': '/', dose: '…' };

/** The reading with another meaning of a column; what can be one column's only is taken from the other, and columns of days change together. */
export function withMeaning(
  reading: TableReading,
  column: number,
  { meaning, own }: Pick<HeadChoice, 'meaning' | 'own'>,
): TableReading {
  const before = reading.columns[column]!;
  const together = (c: ColumnMeaning) =>
    before.is === 'measure' &&
    c.is === 'measure' &&
    ((before.on !== undefined && c.on !== undefined) || (before.at !== undefined && c.at !== undefined)) &&
    c.measure === before.measure &&
    c.unit === before.unit;
  const columns = reading.columns.map((c, i): ColumnMeaning => {
    if (i === column) return meaning;
    if (together(c)) return meaning.is === 'measure' ? { ...meaning, ...placeOf(c as MeasureColumn) } : meaning;
    const unique = meaning.is !== 'left-out' && meaning.is !== 'open' && meaning.is !== 'typed' && meaning.is !== 'measure';
    if (unique && c.is === meaning.is) return { is: 'open' };
    if (
      meaning.is === 'measure' &&
      !meaning.on &&
      !meaning.at &&
      c.is === 'measure' &&
      !c.on &&
      !c.at &&
      c.measure === meaning.measure
    )
      return { is: 'open' };
    return c;
  });
  const defined = own ? [...reading.own.filter((m) => m.code !== own.code), own] : reading.own;
  return withShares(tidied({ ...reading, columns, own: defined }));
}

const placeOf = ({ on, at }: MeasureColumn) => ({ ...(on ? { on } : {}), ...(at ? { at } : {}) });

/** Definitions that no column uses any more are dropped. */
function tidied(reading: TableReading): TableReading {
  return { ...reading, own: reading.own.filter((m) => reading.columns.some((c) => c.is === 'measure' && c.measure === m.code)) };
}

/** A count of something else beside a column “of how many” is a share of it. */
export function withShares(reading: TableReading): TableReading {
  const { columns, own } = reading;
  const outOf = columns.findIndex((c) => c.is === 'of-how-many');
  const ofSeeds = columns.some((c) => c.is === 'measure' && isSeedCount(c.measure));
  const isCount = (c: ColumnMeaning | undefined): c is MeasureColumn =>
    c?.is === 'measure' && own.some((m) => m.code === c.measure && (m.quantity === 'count' || c.counting === 'share-of'));
  const beside = [outOf - 1, outOf + 1].find((i) => isCount(columns[i])) ?? columns.findIndex((c) => isCount(c));
  const wanted = outOf >= 0 && !ofSeeds ? beside : -1;
  const now = columns.findIndex((c) => c.is === 'measure' && c.counting === 'share-of');
  if (wanted === now) return reading;
  const codeAt = (i: number) => (columns[i] as MeasureColumn | undefined)?.measure;
  const as = (m: OwnMeasure, quantity: 'share' | 'count'): OwnMeasure => ({
    ...newOwnMeasure(m.code),
    name: m.name,
    more: m.more,
    less: m.less,
    of: m.of,
    quantity,
  });
  return {
    ...reading,
    own: own.map((m) => (m.code === codeAt(wanted) ? as(m, 'share') : m.code === codeAt(now) ? as(m, 'count') : m)),
    columns: columns.map((c, i) => {
      if (c.is !== 'measure') return c;
      if (i === wanted) return { ...c, counting: 'share-of' };
      return i === now ? { is: 'measure', measure: c.measure, unit: c.unit } : c;
    }),
  };
}
