import { valueOf } from '../../measures/finding';
import { type TidyTable } from '../tidyTable';
import { type TableReading } from './columnMeaning';
import { guessReading } from './guessReading';
import { readCsvSheet } from './readCsvSheet';
import { readTable } from './readTable';

/** Tables of every shape in which classes and laboratories keep records; each comes in with what was guessed, or with the choices beside it. */

const TODAY = '2026-11-20';

function read(text: string, change: Partial<TableReading> = {}) {
  const csv = readCsvSheet(text);
  if (!csv.ok) throw new Error(csv.reason);
  const reading = { ...guessReading(csv.sheet, TODAY), ...change };
  return { ...readTable(csv.sheet, reading), reading, sheet: csv.sheet };
}

function wholly(text: string, change?: Partial<TableReading>): TidyTable {
  const { table, problems } = read(text, change);
  expect(problems.map((p) => `${p.line}: ${p.sentence}`)).toEqual([]);
  return table;
}

const labels = (t: TidyTable) => t.treatments.map((x) => x.label);
const found = (t: TidyTable, measure: string) => t.readings.map((r) => valueOf(r, measure));
const lines = (...rows: string[]) => `${rows.join('\n')}\n`;

test('two groups and a weight, no pot, no day: every row a pot, one look at the end', () => {
  const table = wholly(lines('weight,group', '4.17,ctrl', '5.58,ctrl', '4.81,trt1', '3.87,trt1', '6.31,trt2', '5.12,trt2'));
  expect(table).toMatchObject({ days: 'one-look', sownOn: '1001-01-01' });
  expect(labels(table)).toEqual(['ctrl', 'trt1', 'trt2']);
  expect(table.treatments[0]!.control).toBe(true);
  expect(table.units).toHaveLength(6);
  expect(found(table, 'fresh-mass')).toEqual([4.17, 5.58, 4.81, 3.87, 6.31, 5.12]);
});

test('a row number without a head, and text in quotation marks, as statistics programs write them', () => {
  const table = wholly(
    lines('"","weight","feed"', '"1",179,"horsebean"', '"2",160,"horsebean"', '"3",309,"linseed"', '"4",229,"linseed"'),
  );
  expect(labels(table)).toEqual(['horsebean', 'linseed']);
  expect(table.units.map((u) => u.code)).toEqual(['1', '2', '3', '4']);
  expect(found(table, 'fresh-mass')).toEqual([179, 160, 309, 229]);
});

test('two things changed, one of them in amounts', () => {
  const rows = ['water', 'feed'].flatMap((s) =>
    [0.5, 1, 2].flatMap((d) => [1, 2].map((k) => `${10 * d + k + (s === 'feed' ? 3 : 0)},${s},${d}`)),
  );
  const table = wholly(lines('len,supp,dose', ...rows));
  expect(table.treatments).toHaveLength(6);
  expect(table.treatments[0]).toMatchObject({ label: 'water · 0.5', control: true });
  expect(table.design).toMatchObject({
    kind: 'two-factors',
    factors: [{ name: 'supp' }, { name: 'dose', levels: [{ amount: 0.5 }, { amount: 1 }, { amount: 2 }] }],
  });
  expect(table.factor).toBe('treatment and dose');
});

test('a dose series in the treatment column, with its unit', () => {
  const rows = ['0 mM', '25 mM', '50 mM', '100 mM'].flatMap((d, i) => [1, 2, 3].map((k) => `P${i * 3 + k},${d},9,${12 - 2 * i}`));
  const table = wholly(lines('pot,salt,day,height (mm)', ...rows));
  expect(labels(table)).toEqual(['0 mM', '25 mM', '50 mM', '100 mM']);
  expect(table.design).toMatchObject({
    kind: 'dose-series',
    factors: [{ name: 'salt', unit: 'mM', levels: [{ amount: 0 }, { amount: 25 }, { amount: 50 }, { amount: 100 }] }],
  });
  expect(table.days).toBe('days-only');
  expect(table.readings[0]).toMatchObject({ day: '1000-01-10' });
  expect(found(table, 'height').slice(0, 4)).toEqual([12, 12, 12, 10]);
});

test('a treatment beside its amount is one thing that was changed', () => {
  const table = wholly(
    lines(
      'cup,treatment,salt dose (g/L),day,height cm',
      'a,none,0,7,5',
      'b,weak,1.5,7,4',
      'c,strong,3,7,2',
      'd,none,0,7,6',
      'e,weak,1.5,7,4.5',
      'f,strong,3,7,2.5',
    ),
  );
  expect(labels(table)).toEqual(['none', 'weak', 'strong']);
  expect(table.design).toMatchObject({ factors: [{ unit: 'g/L', levels: [{ amount: 0 }, { amount: 1.5 }, { amount: 3 }] }] });
});

test('one column a day; empty cells say nothing; noughts before it came up are not up', () => {
  const table = wholly(
    lines('Pot;Treatment;Day 3;Day 5;Day 8', 'A1;shade;0;1,5;4', 'A2;shade;0;0;2', 'B1;light;0;2;', 'B2;light;1;dead;dead'),
  );
  expect(table.days).toBe('days-only');
  expect(table.readings.map((r) => `${r.unit} ${r.day.slice(8)} ${r.state} ${valueOf(r, 'height') ?? ''}`.trim())).toEqual([
    'A1 04 not-up',
    'A1 06 measured 15',
    'A1 09 measured 40',
    'A2 04 not-up',
    'A2 06 not-up',
    'A2 09 measured 20',
    'B1 04 not-up',
    'B1 06 measured 20',
    'B2 04 measured 10',
    'B2 06 lost',
    'B2 09 lost',
  ]);
});

test('one column a date, the sowing day said', () => {
  const table = wholly(lines('pot,group,3/12/2026,3/14/2026,3/17/2026', 'a,salt,1,2,3', 'b,water,2,4,6'), {
    sownOn: '2026-03-03',
  });
  expect(table).toMatchObject({ days: 'dates', sownOn: '2026-03-03' });
  expect(table.readings.map((r) => r.day)).toEqual([
    '2026-03-12',
    '2026-03-14',
    '2026-03-17',
    '2026-03-12',
    '2026-03-14',
    '2026-03-17',
  ]);
});

test('dates without a year are of the last one that is over', () => {
  const table = wholly(lines('pot,group,12 Nov,14 Nov,1 Dec', 'a,salt,1,2,3', 'b,water,2,4,6'));
  expect(table.days).toBe('from-first-look');
  expect(table.readings.slice(0, 3).map((r) => r.day)).toEqual(['2025-11-12', '2025-11-14', '2025-12-01']);
});

test('bare day numbers as heads, and what was weighed once at the end', () => {
  const table = wholly(
    lines(
      'plot,variety,7,14,21,dry weight (g)',
      '1,red,2.5,5,9,1.2',
      '2,white,3,6,12,1.6',
      '3,red,2,5,8,1.1',
      '4,white,3,7,11,1.7',
    ),
  );
  expect(labels(table)).toEqual(['red', 'white']);
  expect(found(table, 'height').slice(0, 3)).toEqual([25, 50, 90]);
  expect(table.readings[2]).toMatchObject({ day: '1000-01-22' });
  expect(valueOf(table.readings[2]!, 'dry-mass')).toBe(1.2);
});

test('several measures a day, each in its head', () => {
  const table = wholly(lines('id,treat,height_d7 (cm),leaves_d7,height_d14 (cm),leaves_d14', 'p1,A,3.5,2,7,4', 'p2,B,4,2,9,5'));
  expect(table.readings.map((r) => [valueOf(r, 'height'), valueOf(r, 'leaves')])).toEqual([
    [35, 2],
    [70, 4],
    [40, 2],
    [90, 5],
  ]);
});

test('weeks count seven days', () => {
  const table = wholly(lines('pot,treatment,week 1,week 2', 'a,x,3,5', 'b,y,4,6'));
  expect(table.readings.map((r) => r.day)).toEqual(['1000-01-08', '1000-01-15', '1000-01-08', '1000-01-15']);
});

test('days down the side, one pot a column', () => {
  const table = wholly(lines('Day,Control 1,Control 2,Salt 1,Salt 2', '3,0,1,0,0', '6,2,2.5,1,0', '9,4,5,2,1'));
  expect(labels(table)).toEqual(['Control', 'Salt']);
  expect(table.units.map((u) => u.code)).toEqual(['Control 1', 'Control 2', 'Salt 1', 'Salt 2']);
  expect(table.readings).toHaveLength(12);
  expect(table.readings.filter((r) => r.state === 'not-up')).toHaveLength(4);
});

test('germinated of how many, by then', () => {
  const table = wholly(
    lines('dish,treatment,day,germinated,sown', '1,warm,2,5,25', '1,warm,4,18,25', '2,cold,2,0,25', '2,cold,4,3,25'),
  );
  expect(table.units.map((u) => u.seeds)).toEqual([25, 25]);
  expect(found(table, 'seeds-up')).toEqual([5, 18, 0, 3]);
  expect(table.readings.every((r) => r.state === 'measured')).toBe(true);
});

test('new ones since the last check are added up, whatever order the rows stand in', () => {
  const table = wholly(
    lines('dish,treatment,day,new germinated,seeds', '1,warm,4,13,25', '1,warm,2,5,25', '2,cold,2,0,25', '2,cold,4,3,25'),
  );
  expect(found(table, 'seeds-up')).toEqual([18, 5, 0, 3]);
});

test('counts that fall from look to look are new ones', () => {
  const rows = ['1,warm', '2,cold'].flatMap((d) => [3, 9, 4, 1].map((n, i) => `${d},${i + 2},${n},25`));
  const { reading, table } = read(lines('dish,treatment,day,germinated,n', ...rows));
  expect(reading.columns[3]).toMatchObject({ measure: 'seeds-up', counting: 'new' });
  expect(found(table, 'seeds-up').slice(0, 4)).toEqual([3, 12, 16, 17]);
});

test('counts out of n in one cell', () => {
  const table = wholly(lines('bag,treatment,day,with root', 'a,soaked,2,12/20', 'b,dry,2,5 of 20'));
  expect(table.units.map((u) => u.seeds)).toEqual([20, 20]);
  expect(found(table, 'seeds-with-root')).toEqual([12, 5]);
});

test('a count without “of how many” asks for one thing', () => {
  const text = lines('dish,treatment,day,germinated', '1,warm,2,5', '2,cold,2,0');
  expect(read(text).problems.map((p) => p.sentence)).toEqual([
    expect.stringMatching(/“germinated” is a count: of how many seeds/),
  ]);
  expect(wholly(text, { seedsEach: 25 }).units.map((u) => u.seeds)).toEqual([25, 25]);
});

test('heights in feet, and in feet and inches', () => {
  const table = wholly(lines('plot,variety,day,height (ft)', '1,tall,60,5.5', '2,dwarf,60,2 ft 6 in'));
  expect(found(table, 'height')).toEqual([1676.4, 762]);
});

test('milligrams, and a measure that nobody knows yet', () => {
  const table = wholly(lines('pot,treatment,day,dry mass (mg),chlorophyll (SPAD),side', 'a,x,9,120,31.5,l', 'b,y,9,240,35,r'));
  expect(found(table, 'dry-mass')).toEqual([0.12, 0.24]);
  expect(table.own).toEqual([expect.objectContaining({ name: 'chlorophyll', quantity: 'number', unit: 'SPAD' })]);
});

test('pots numbered anew in each treatment, plants in them, and teams and classes', () => {
  const rows = ['salt', 'water'].flatMap((t) =>
    [1, 2].flatMap((pot) => [1, 2].map((plant) => `7B,Owls,${t},${pot},${plant},12.03.2026,${pot + plant}`)),
  );
  const table = wholly(lines('class,team,treatment,pot,plant,date,height', ...rows), { sownOn: '2026-03-03' });
  expect(table.units.map((u) => u.code)).toEqual(['salt 1', 'salt 2', 'water 1', 'water 2']);
  expect(table.units[0]!.block).toBe('7B · Owls');
  expect(table.readings.map((r) => r.plant)).toEqual(['1', '2', '1', '2', '1', '2', '1', '2']);
});

test('several rows of a pot on one day are its plants where all have several', () => {
  const table = wholly(lines('pot,treatment,day,height', 'a,x,5,1', 'a,x,5,2', 'b,y,5,3', 'b,y,5,4'));
  expect(table.readings.map((r) => `${r.unit}${r.plant}`)).toEqual(['a1', 'a2', 'b1', 'b2']);
});

test('one mean a treatment and day: the treatment is the pot', () => {
  const table = wholly(lines('treatment,day,mean height', 'salt,3,1', 'salt,6,2', 'water,3,2', 'water,6,4'));
  expect(table.units.map((u) => u.code)).toEqual(['salt', 'water']);
});

test('a title above the table, names that stand once over several rows, and a semicolon with decimal commas', () => {
  const text = lines(
    'Our bean experiment;;;',
    ';;;',
    'Treatment;Pot;Day;Height',
    'salt;1;3;1,5',
    ';1;6;2',
    ';2;3;1',
    'water;3;3;2,5',
    ';3;6;5',
  );
  const table = wholly(text);
  expect(labels(table)).toEqual(['water', 'salt']);
  expect(table.units.map((u) => `${u.code} ${u.treatment}`)).toEqual(['1 B', '2 B', '3 A']);
});

test('no treatment at all: records of one kind, all alike', () => {
  const table = wholly(lines('Tree,age,circumference', '1,118,30', '1,484,58', '2,118,33', '2,484,69'));
  expect(labels(table)).toEqual(['all alike']);
  expect(table.units).toHaveLength(2);
  expect(table.own).toEqual([expect.objectContaining({ name: 'circumference' })]);
});

test('slips are told with what was meant, and each way mends them', () => {
  const rows = Array.from({ length: 9 }, (_, i) => `${i},sand,${3 + i / 10}`);
  const text = lines(
    'pot,group,dry_wt',
    ...rows,
    '20,ctrl,4.1O',
    '21,ctrl,4.4',
    '22,snad,3.76',
    '23,ctrl,~4',
    '24,ctrl,about so',
  );
  const { problems, reading, sheet } = read(text);
  expect(problems.map((p) => [p.line, p.sentence, p.ways.map((w) => w.words)])).toEqual([
    [11, '“4.1O” has the letter O in it.', ['Read it as 4.10', 'Leave the cell empty', 'Leave line out']],
    [13, '“snad” stands here once, “sand” 9 times.', ['It is sand', 'A 3rd treatment', 'Leave line out']],
    [14, '“~4” has more than a number in it.', ['Read it as 4', 'Leave the cell empty', 'Leave line out']],
    [15, expect.stringContaining('dry_wt: “about so” is not a mass'), ['Leave the cell empty', 'Leave line out']],
  ]);
  for (const k of [0, 1]) {
    const mends = problems.map((p) => p.ways[Math.min(k, p.ways.length - 1)]!.mend);
    expect(readTable(sheet, { ...reading, mends }).problems).toEqual([]);
  }
  expect(readTable(sheet, { ...reading, mends: problems.map((p) => p.ways[1]!.mend) }).table.treatments).toHaveLength(3);
});

test('a height of nought behind a height is asked about', () => {
  const { problems } = read(lines('pot,treatment,day 3,day 6,day 9', 'a,x,0,2,0', 'b,y,1,2,3'));
  expect(problems).toEqual([expect.objectContaining({ line: 2, column: 4, alike: 'zero after a height' })]);
});

test('more treatments than can be told apart are told, and a factor that is left out joins them', () => {
  const rows = [0, 1].flatMap((n) => [0, 1].flatMap((p) => [0, 1, 2].map((k, i) => `${i + 1},N${n},P${p},K${k},${50 + n}`)));
  const text = lines('block,treatment,phosphate,light,yield', ...rows);
  const { reading, sheet, problems } = read(text);
  expect(problems).toEqual([]);
  const columns = reading.columns.map((c, i) =>
    i === 2 ? { is: 'second-factor' as const } : i === 3 ? { is: 'third-factor' as const } : c,
  );
  expect(readTable(sheet, { ...reading, columns }).problems.some((p) => p.sentence.includes('There are 12 treatments'))).toBe(
    true,
  );
});

test('numbers that name the groups, and a year that says nothing', () => {
  const rows = [1, 2, 3, 4].flatMap((chick) => [0, 2, 4].map((t) => `${40 + t},${t},${chick},${chick % 2},1988`));
  const table = wholly(lines('weight,Time,Chick,Diet,Year', ...rows));
  expect(labels(table)).toEqual(['0', '1']);
  expect(table.units).toHaveLength(4);
  expect(table.own).toEqual([]);
});

test('a treatment by name goes before a type, and what changes within a plant is no dose of it', () => {
  const rows = ['Qn1', 'Qc1', 'Mn1', 'Mc1'].flatMap((p) => [95, 175].map((c) => `${p},${p[0]},${p[1]},${c},${c / 10}`));
  const table = wholly(lines('Plant,Type,Treatment,conc,uptake', ...rows));
  expect(table.treatments).toHaveLength(4);
  expect(table.design).toMatchObject({ kind: 'two-factors', factors: [{ name: 'treatment' }, { name: 'type' }] });
  expect(table.own.map((m) => m.name)).toEqual(['conc', 'uptake']);
});

test('a line of units under the heading, and weeks', () => {
  const table = wholly(lines('Pot,Treatment,Week,Height,Mass', ',,,cm,g', 'a,salt,1,4,0.5', 'b,water,2,6,0.7'));
  expect(found(table, 'height')).toEqual([40, 60]);
  expect(found(table, 'fresh-mass')).toEqual([0.5, 0.7]);
  expect(table.readings.map((r) => r.day)).toEqual(['1000-01-08', '1000-01-15']);
});

test('shares in per cent, a column a day', () => {
  const table = wholly(lines('Dish,Treatment,Day 2,Day 4', '1,light,10%,40%', '2,dark,0%,20%'));
  expect(table.own).toEqual([expect.objectContaining({ quantity: 'share' })]);
  expect(found(table, 'column-share')).toEqual([10, 40, 0, 20]);
});

test('a row a group with its plants across, and their average that is left out', () => {
  const table = wholly(lines('Group,Plant 1,Plant 2,Average', 'Control,5,6,5.5', 'Salt,3,2,2.5'));
  expect(table.units.map((u) => u.code)).toEqual(['Control Plant 1', 'Control Plant 2', 'Salt Plant 1', 'Salt Plant 2']);
  expect(found(table, 'height')).toEqual([50, 60, 30, 20]);
});

test('days down the side and a treatment in each head, whatever it is called', () => {
  const table = wholly(lines('Day,Control,Salt', '1,0,0', '3,1.5,0', '5,4,1'));
  expect(labels(table)).toEqual(['Control', 'Salt']);
  expect(table.readings).toHaveLength(6);
});
