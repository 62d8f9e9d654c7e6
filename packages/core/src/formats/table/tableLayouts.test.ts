import { valueOf } from '../../measures/finding';
import { type TidyTable } from '../tidyTable';
import { type TableReading } from './columnMeaning';
import { guessReading } from './guessReading';
import { headChoices, withMeaning } from './headChoices';
import { readCsvSheet } from './readCsvSheet';
import { readTable } from './readTable';

/** Tables as people lay them out on a page: heads over two lines, blocks, tables on their side, one seed a row. */

function read(lines: string[], change: Partial<TableReading> = {}) {
  const csv = readCsvSheet(`${lines.join('\n')}\n`);
  if (!csv.ok) throw new Error(csv.reason);
  const reading = { ...guessReading(csv.sheet, '2026-11-20'), ...change };
  return { ...readTable(csv.sheet, reading), reading, sheet: csv.sheet };
}

function wholly(...lines: string[]): TidyTable {
  const { table, problems } = read(lines);
  expect(problems.map((p) => `${p.line}: ${p.sentence}`)).toEqual([]);
  return table;
}

/** `1/salt d3 height=20`, one a look. */
const told = ({ units, treatments, readings }: TidyTable) =>
  readings.map((r) => {
    const unit = units.find((u) => u.code === r.unit)!;
    const label = treatments.find((t) => t.code === unit.treatment)!.label;
    const day = r.day.startsWith('1000') ? ` d${Number(r.day.slice(8)) - 1}` : r.day.startsWith('1001') ? '' : ` ${r.day}`;
    const found = r.state === 'measured' ? r.findings.map((f) => `${f.measure}=${f.value ?? f.choice}`).join(' ') : r.state;
    return `${r.unit}/${label}${day} ${found}`;
  });

describe('heads over two lines', () => {
  test('a day over its measures, standing once over both', () => {
    const table = wholly(
      'Treatment,Pot,Day 3,,Day 7,',
      ',,Height (cm),Leaves,Height (cm),Leaves',
      'salt,1,2,1,5,3',
      'water,2,3,2,8,4',
    );
    expect(told(table)).toEqual([
      '1/salt d3 height=20 leaves=1',
      '1/salt d7 height=50 leaves=3',
      '2/water d3 height=30 leaves=2',
      '2/water d7 height=80 leaves=4',
    ]);
  });

  test('a measure over its days, on a line above the heading', () => {
    const table = wholly(',,Height (in),,Leaves,', 'Treatment,Pot,Day 3,Day 7,Day 3,Day 7', 'salt,1,2,3,2,4', 'water,2,2,5,2,6');
    expect(told(table)[3]).toBe('2/water d7 height=127 leaves=6');
  });

  test('treatments over the numbers of their pots, days down the side', () => {
    const table = wholly(',Control,,Salt,', 'Day,1,2,1,2', '3,2,2.5,1,1', '7,5,6,3,2');
    expect(told(table).slice(4)).toEqual([
      'Control 1/Control d7 height=50',
      'Control 2/Control d7 height=60',
      'Salt 1/Salt d7 height=30',
      'Salt 2/Salt d7 height=20',
    ]);
  });

  test('a first row of words is no heading', () => {
    const table = wholly('pot,group,note,height', 'a,salt,bent,3', 'b,water,fine,4', 'c,salt,bent,3');
    expect(table.units).toHaveLength(3);
  });
});

describe('blocks', () => {
  test('one below the other, each under its name, the heading again over each', () => {
    const lines = (name: string) => [name, 'Pot,Day 3,Day 7', '1,2,5', '2,3,6'];
    const table = wholly(...lines('Treatment: Salt,,'), ',,', ...lines('Treatment: Water,,'));
    expect(told(table)).toEqual([
      'Salt 1/Salt d3 height=20',
      'Salt 1/Salt d7 height=50',
      'Salt 2/Salt d3 height=30',
      'Salt 2/Salt d7 height=60',
      'Water 1/Water d3 height=20',
      'Water 1/Water d7 height=50',
      'Water 2/Water d3 height=30',
      'Water 2/Water d7 height=60',
    ]);
  });

  test('beside each other, the same heads under each name', () => {
    const table = wholly('Control,,,Salt,,', 'Plant,Day 5,Day 10,Plant,Day 5,Day 10', '1,3,6,1,2,3', '2,3,7,,,');
    expect(told(table)).toEqual([
      'Control 1/Control d5 height=30',
      'Control 1/Control d10 height=60',
      'Control 2/Control d5 height=30',
      'Control 2/Control d10 height=70',
      'Salt 1/Salt d5 height=20',
      'Salt 1/Salt d10 height=30',
    ]);
  });

  test('the heading again in the middle is not a container', () => {
    expect(told(wholly('pot,treatment,height', '1,salt,3', 'pot,treatment,height', '2,water,5'))).toEqual([
      '1/salt height=30',
      '2/water height=50',
    ]);
  });

  test('averages are told, left out with one press, and may be containers after all', () => {
    const { problems, sheet, reading } = read([
      'Pot,Treatment,Day 3,Day 7',
      '1,salt,2,5',
      '2,water,3,6',
      'Average,,2.5,5.5',
      'SD,,1,1',
    ]);
    expect(problems.map((p) => [p.line, p.alike, p.ways.map((w) => w.words)])).toEqual([
      [4, 'worked out', ['Leave line out', 'It is a container']],
      [5, 'worked out', ['Leave line out', 'It is a container']],
    ]);
    const mends = problems.map((p) => p.ways[0]!.mend);
    expect(readTable(sheet, { ...reading, mends }).problems).toEqual([]);
    const kept = readTable(sheet, { ...reading, mends: problems.map((p) => p.ways[1]!.mend) });
    expect(kept.problems.every((p) => p.sentence.includes('treatment'))).toBe(true);
  });
});

test('a table on its side', () => {
  const table = wholly('Treatment,Control,Control,Salt,Salt', 'Pot,1,2,3,4', 'Day 3,2,2.5,1,1', 'Day 7,5,6,3,2');
  expect(told(table).slice(0, 3)).toEqual(['1/Control d3 height=20', '1/Control d7 height=50', '2/Control d3 height=25']);
});

test('no heading at all: what can be seen is guessed, and what was measured is asked', () => {
  const { reading, problems, table } = read(['1,salt,2,5', '2,salt,3,6', '3,water,3,7', '4,water,4,8']);
  expect(reading.columns.map((c) => c.is)).toEqual(['container', 'treatment', 'open', 'open']);
  expect(problems).toHaveLength(1);
  expect(table.units).toHaveLength(4);
});

test('what was measured in one column, how much in another', () => {
  const rows = ['1,salt,3,height,2', '1,salt,3,leaves,2', '2,water,3,height,3', '2,water,3,leaves,1'];
  expect(told(wholly('pot,treatment,day,variable,value', ...rows))).toEqual([
    '1/salt d3 height=20 leaves=2',
    '2/water d3 height=30 leaves=1',
  ]);
});

describe('treatments in the heads', () => {
  test('one measured plant below the other under each', () => {
    const table = wholly('Control,5% salt,10% salt', '5.2,4.1,3', '5.5,4,');
    expect(told(table)).toEqual([
      'Control 1/Control height=52',
      '5% salt 1/5% salt height=41',
      '10% salt 1/10% salt height=30',
      'Control 2/Control height=55',
      '5% salt 2/5% salt height=40',
    ]);
  });

  test('amounts are a dose', () => {
    const table = wholly('Replicate,0 g/L,5 g/L,10 g/L', '1,5.2,4.1,3', '2,5.5,4,2.8');
    expect(table.design).toMatchObject({
      kind: 'dose-series',
      factors: [{ unit: 'g/L', levels: [{ amount: 0 }, { amount: 5 }, { amount: 10 }] }],
    });
    expect(table.units).toHaveLength(6);
  });

  test('a row an amount and a column a repeat', () => {
    const table = wholly('NaCl (mM),Rep 1,Rep 2', '0,9,8', '50,6,5');
    expect(table.design).toMatchObject({ factors: [{ unit: 'mM' }] });
    expect(told(table)[2]).toBe('50 mM Rep 1/50 mM height=60');
  });

  test('a salt column beside measures is still what was changed', () => {
    expect(told(wholly('Pot,Salt,Height', '1,0.5,5', '2,0.5,4', '3,1.5,3', '4,1.5,2')).slice(2)).toEqual([
      '3/1.5 height=30',
      '4/1.5 height=20',
    ]);
  });
});

describe('treatments in names', () => {
  test('a number behind each', () => {
    expect(told(wholly('Sample,Height', 'Control 1,5', 'Control 2,6', 'S1,3', 'S2,2'))).toEqual([
      'Control 1/Control height=50',
      'Control 2/Control height=60',
      'S1/S height=30',
      'S2/S height=20',
    ]);
  });

  test('names without groups are all alike', () => {
    const table = wholly('Sample,Height', 'Control 1,5', 'Salt 1,6', 'Oak,3');
    expect(table.treatments.map((t) => t.label)).toEqual(['all alike']);
  });
});

describe('seeds', () => {
  test('one a row, up or not: those of a dish are counted together', () => {
    const rows = ['1,soak,yes', '1,soak,no', '1,soak,yes', '2,dry,no', '2,dry,no', '2,dry,yes'];
    const table = wholly('dish,treatment,germinated', ...rows);
    expect(table.units.map((u) => u.seeds)).toEqual([3, 3]);
    expect(told(table)).toEqual(['1/soak seeds-up=2', '2/dry seeds-up=1']);
  });

  test('a nought or a one for each seed', () => {
    const table = wholly('Seed,Treatment,Germinated', '1,soak,1', '2,soak,0', '3,dry,0');
    expect(table.units.map((u) => u.seeds)).toEqual([1, 1, 1]);
    expect(told(table)).toEqual(['1/soak seeds-up=1', '2/soak seeds-up=0', '3/dry seeds-up=0']);
  });

  test('after hours, beside how many were sown', () => {
    const table = wholly('Dish,Treatment,Seeds,24 h,48 h', '1,light,20,0,5', '2,dark,20,0,2');
    expect(told(table)).toEqual([
      '1/light d1 seeds-up=0',
      '1/light d2 seeds-up=5',
      '2/dark d1 seeds-up=0',
      '2/dark d2 seeds-up=2',
    ]);
  });

  test('of how many stands in a head', () => {
    expect(wholly('pH,Dish,Germinated (out of 20)', '4,1,3', '7,2,18', '4,3,5', '7,4,19').units.map((u) => u.seeds)).toEqual([
      20, 20, 20, 20,
    ]);
  });

  test('per cent beside the counts it was worked out of', () => {
    const { reading, table } = read(['Treatment,Seeds planted,Germinated,% germinated', 'Control,20,18,90', 'Salt,20,11,55']);
    expect(reading.columns[3]).toEqual({ is: 'left-out' });
    expect(told(table)).toEqual(['2/Control seeds-up=18', '3/Salt seeds-up=11']);
  });

  test('shares between nought and one, as workbooks keep per cent', () => {
    const { reading, table } = read(['Dish,Treatment,Germination (%)', '1,a,0.4', '2,b,1']);
    expect(reading.columns[2]).toMatchObject({ unit: 'parts of 1' });
    expect(table.readings.map((r) => r.findings[0]!.value)).toEqual([40, 100]);
  });

  test('days until it came up are no count', () => {
    const { reading } = read(['Seed,Treatment,Days to germinate', '1,soak,3', '2,soak,4', '3,dry,did not germinate', '4,dry,7']);
    expect(reading.own).toEqual([expect.objectContaining({ name: 'Days to germinate', quantity: 'count' })]);
  });
});

describe('what numbers mean', () => {
  test('inches with a dot, and a unit in a column of its own', () => {
    expect(told(wholly('Pot,Treatment,Height (in.)', '1,a,2', '2,b,4'))).toEqual(['1/a height=50.8', '2/b height=101.6']);
    expect(told(wholly('Pot,Treatment,Height,Unit', '1,a,5,cm', '2,b,60,mm'))).toEqual(['1/a height=50', '2/b height=60']);
  });

  test('a unit in the middle of a head', () => {
    expect(told(wholly('Bag,Treatment,Root length (mm) Day 2,Root length (mm) Day 4', 'A,x,2,10', 'B,y,3,12'))[0]).toBe(
      'A/x d2 root-length=2',
    );
  });

  test('a comma that may be one of thousands is asked, and alike for the column', () => {
    const { problems } = read(['plot,treatment,yield (g)', '1,a,"1,250"', '2,b,"1,375"']);
    expect(problems.map((p) => p.ways.map((w) => w.words))).toEqual([
      ['It is 1250', 'It is 1.250', 'Leave line out'],
      ['It is 1375', 'It is 1.375', 'Leave line out'],
    ]);
    expect(new Set(problems.map((p) => p.alike)).size).toBe(1);
    expect(told(wholly('plot,treatment,dry mass (g)', '1,a,"1,250"', '2,b,"0,375"'))).toEqual([
      '1/a dry-mass=1.25',
      '2/b dry-mass=0.375',
    ]);
  });

  test('a mean with its spread, and a range', () => {
    const { problems } = read(['pot,treatment,height ± SD', '1,a,2.3 ± 0.4', '2,b,5-6']);
    expect(problems.map((p) => p.ways[0]!.words)).toEqual(['Read it as 2.3', 'Read it as 5.5']);
  });

  test('of two heights the final one is the height', () => {
    const table = wholly('Plant,Treatment,Initial height (cm),Final height (cm)', '1,a,2,5', '2,b,2,8');
    expect(table.readings.map((r) => valueOf(r, 'height'))).toEqual([50, 80]);
    expect(table.own).toEqual([expect.objectContaining({ name: 'Initial height' })]);
  });

  test('a head that stands twice is two measures, and one measure twice in a look is told', () => {
    const { table, reading, sheet } = read(['Pot,Treatment,Height,Height,Height', '1,a,2,3,4', '2,b,2,4,6']);
    expect(table.own.map((m) => m.name)).toEqual(['Height', 'Height 2']);
    const columns = reading.columns.map((c, i) => (i === 3 ? reading.columns[2]! : c));
    expect(readTable(sheet, { ...reading, columns }).problems.map((p) => p.sentence)).toEqual([
      expect.stringContaining('tell the same of one check'),
    ]);
  });

  test('what stands above the table says what was measured', () => {
    const table = wholly('Percent of seeds germinated,,', 'Day,Light,Dark', '1,0,0', '3,60,80');
    expect(told(table)[3]).toBe('Dark/Dark d3 column-share=80');
  });
});

test('three things changed at once', () => {
  const rows = ['high', 'low'].flatMap((l) =>
    ['wet', 'dry'].flatMap((w) => ['sand', 'loam'].map((s, i) => `${l},${w},${s},${i + 3}`)),
  );
  const { reading, table } = read(['light,water,soil,height', ...rows]);
  expect(reading.columns.slice(0, 3).map((c) => c.is)).toEqual(['treatment', 'second-factor', 'third-factor']);
  expect(table.treatments).toHaveLength(8);
});

test('two things crossed without a column that names pots', () => {
  const table = wholly('Light,Water,Height', 'high,daily,5', 'high,weekly,4', 'low,daily,3', 'low,weekly,2', 'high,daily,5.5');
  expect(table.design).toMatchObject({ kind: 'two-factors' });
});

test('what a form collects, and what neighbours call things', () => {
  const form = wholly(
    'Timestamp,Team name,Which treatment?,Pot number,Plant height (cm),How many leaves?',
    '3/12/2026 10:15:23,Owls,Salt,1,3.5,2',
    '3/14/2026 10:17:03,Owls,Water,2,4.5,3',
  );
  expect(told(form)).toEqual(['1/Salt 2026-03-12 height=35 leaves=2', '2/Water 2026-03-14 height=45 leaves=3']);
  expect(told(wholly('Topf;Behandlung;Tag;Höhe in cm', '1;Salz;3;1,5', '2;Wasser;3;2,5'))[0]).toBe('1/Salz d3 height=15');
  expect(told(wholly('Pot;Traitement;Jour;Hauteur (cm)', '1;sel;3;1,5', '2;eau;3;2,5'))[1]).toBe('2/eau d3 height=25');
});

test('a date among the words of a head', () => {
  const table = wholly('Tray,Mix,Sown,Up Mon 9 Mar,Up Wed 11 Mar', '1,sand,20,3,9', '2,peat,20,5,15');
  expect(told(table)).toEqual([
    '1/sand 2026-03-09 seeds-up=3',
    '1/sand 2026-03-11 seeds-up=9',
    '2/peat 2026-03-09 seeds-up=5',
    '2/peat 2026-03-11 seeds-up=15',
  ]);
});

test('what is written instead of numbers, under a day', () => {
  const { table, problems } = read(['Pot,Treatment,Day 3,Day 5', '1,salt,2,died', '2,water,3,4 (leaning)']);
  expect(told(table)).toEqual(['1/salt d3 height=20', '1/salt d5 lost', '2/water d3 height=30']);
  expect(problems.map((p) => p.ways[0]!.words)).toEqual(['Read it as 4']);
});

test('a menu offers what the cells can be: no counts for decimals, hours and weeks for days, names for treatments', () => {
  const { reading, sheet } = read(['Pot,Treatment,Day,Value', 'Salt 1,a,24,2.5', 'Salt 2,b,48,3']);
  const words = (column: number) => headChoices(sheet, reading, column).map((c) => c.words);
  expect(words(3)).toEqual(expect.arrayContaining(['height in cm', 'dry mass in g', 'leave out']));
  expect(words(3).filter((w) => /seeds|leaves/.test(w))).toEqual([]);
  expect(words(2)).toEqual(expect.arrayContaining(['day since sowing', 'week since sowing', 'hour since sowing']));
  expect(words(0)).toContain('container, called after its treatment');
  const hours = withMeaning(reading, 2, { meaning: { is: 'day', unit: 'hours' } });
  expect(told(readTable(sheet, hours).table)).toEqual(['Salt 1/a d1 height=25', 'Salt 2/b d2 height=30']);
});

test('what is chosen for one column a treatment is chosen for all of them', () => {
  const { reading, sheet } = read(['Control,5% salt', '5,4', '6,3']);
  const counted = headChoices(sheet, reading, 0).find((c) => c.words === 'number of leaves')!;
  expect(told(readTable(sheet, withMeaning(reading, 0, counted)).table).slice(0, 2)).toEqual([
    'Control 1/Control leaves=5',
    '5% salt 1/5% salt leaves=4',
  ]);
});

describe('columns whose heads mislead', () => {
  const means = (lines: string[]) => read(lines).reading.columns.map((c) => (c.is === 'measure' ? c.measure : c.is));

  test('a state that tells two groups is what was changed, and the untreated are the control', () => {
    const lines = ['conc,rate,state', '0.02,76,treated', '0.06,97,treated', '0.02,67,untreated', '0.06,84,untreated'];
    expect(means(lines)).toEqual(['dose', 'column-rate', 'treatment']);
    expect(read(lines).table.treatments[0]).toMatchObject({ label: 'untreated · 0.02', control: true });
  });

  test('a date column of codes is no date; a seed with numbers is a plant; organs have lengths of their own', () => {
    const cabbage = [
      'Cult,Date,HeadWt',
      ...['c39,d16', 'c39,d20', 'c52,d16', 'c52,d20', 'c39,d16', 'c52,d20'].map((c, i) => `${c},${2 + i / 10}`),
    ];
    expect(means(cabbage)).toEqual(['treatment', 'second-factor', 'column-headwt']);
    expect(means(['height,age,Seed', '4.5,3,301', '10.9,5,301', '4.6,3,303', '10.8,5,303'])).toEqual([
      'height',
      'day',
      'container',
    ]);
    expect(means(['Sepal.Length,Species', '5.1,a', '4.9,a', '7,b', '6.4,b'])[0]).toBe('column-sepal-length');
  });

  test('what was laid out evenly is a factor, what happened is none', () => {
    const seeds = ['O75,bean', 'O75,bean', 'O75,gourd', 'O73,bean', 'O73,gourd', 'O73,gourd'];
    expect(means(['plate,gen,extract,germ,n', ...seeds.map((s, i) => `${i + 1},${s},${5 + i},40`)])).toEqual([
      'container',
      'treatment',
      'second-factor',
      'seeds-up',
      'of-how-many',
    ]);
    const sides = seeds.map((s, i) => `${i + 1},${s.split(',')[0]},${s.endsWith('bean') ? 'left' : 'right'},${5 + i}`);
    expect(means(['pot,treatment,side,height', ...sides])[2]).toBe('open');
    const mould = ['salt,none', 'salt,none', 'salt,none', 'salt,some', 'water,none', 'water,none'];
    expect(means(['pot,treatment,mould,height', ...mould.map((m, i) => `${i + 1},${m},${5 + i}`)])[2]).toBe('open');
  });

  test('groups by number are names', () => {
    expect(wholly('extra,group,ID', '0.7,1,1', '1.6,1,2', '1.9,2,1', '0.8,2,2').design).toBeNull();
  });

  test('a thing nobody knows, counted on several days, is one measure of its own', () => {
    const { reading, table } = read([
      'Jar,Fertilizer drops,Fronds day 0,Fronds day 3',
      '1,0,4,6',
      '2,0,4,5',
      '3,5,4,8',
      '4,5,4,9',
    ]);
    expect(reading.own).toEqual([expect.objectContaining({ name: 'fronds', quantity: 'count' })]);
    expect(told(table)[1]).toBe('1/0 d3 column-fronds=6');
  });

  test('a day in brackets beside a unit, and a pot a treatment', () => {
    expect(told(wholly('Plant,Music,Height in inches (Week 1),Height in inches (Week 2)', '1,rock,1,2', '2,none,2,3'))).toEqual([
      '1/rock d7 height=25.4',
      '1/rock d14 height=50.8',
      '2/none d7 height=50.8',
      '2/none d14 height=76.2',
    ]);
  });

  test('days down the side, and heads that only a number tells apart', () => {
    expect(wholly('time (h),pH 4,pH 6', '24,0,2', '48,3,9').treatments.map((t) => t.label)).toEqual(['pH 4', 'pH 6']);
  });

  test('higher than a seedling can be, and never over a hundred: per cent', () => {
    expect(told(wholly('Treatment,Day 1,Day 2', 'Control,0,80', 'Acid,0,30'))[1]).toBe('2/Control d2 column-share=80');
  });

  test('what falls below nothing is a number with a unit', () => {
    expect(read(['pot,trt,change (cm)', '1,a,-0.5', '2,b,1.5']).reading.own).toEqual([
      expect.objectContaining({ name: 'change', quantity: 'number', unit: 'cm' }),
    ]);
  });
});
