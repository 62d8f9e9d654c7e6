import { BUILT_IN } from '../../measures/registry';
import { type Role } from './columnMeaning';

/** What heads of tables are called, in classes, laboratories and this product's own files. */

/** Words of heads in the languages of neighbours. */
const ELSEWHERE: Readonly<Record<string, string>> = {
  ...each('treatment', 'behandlung traitement tratamiento trattamento tratamento'),
  ...each('group', 'gruppe groupe grupo gruppo'),
  ...each('variety', 'sorte variété variedad varietà variedade'),
  ...each('species', 'pflanzenart espèce especie'),
  ...each('pot', 'topf becher maceta vaso'),
  ...each('dish', 'schale boîte'),
  ...each('plant', 'pflanze plante planta pianta'),
  ...each('day', 'tag jour día dia giorno'),
  ...each('week', 'woche semaine semana settimana'),
  ...each('date', 'datum fecha'),
  ...each('height', 'höhe größe groesse hoehe hauteur taille altura altezza'),
  ...each('leaves', 'blätter feuilles hojas folhas foglie'),
  ...each('weight', 'gewicht masse masa peso'),
  ...each('seeds', 'samen graines semillas sementes semi'),
  ...each('germinated', 'gekeimt germées germé germinadas germinados'),
  ...each('note', 'notiz notizen bemerkung bemerkungen anmerkung remarque remarques observaciones'),
  ...each('class', 'klasse classe clase'),
};

function each(word: string, names: string): Record<string, string> {
  return Object.fromEntries(names.split(' ').map((name) => [name, word]));
}

/** A head in small letters with its words apart: `plantHeight_cm` becomes `plant height cm`. */
export function plainHead(heading: string): string {
  return heading
    .replace(/\bpH\b/g, 'ph')
    .replace(/([a-z])([A-Z])/g, '$1 $2')
    .toLowerCase()
    .normalize('NFC')
    .replace(/\s*(±|\+\/-).*$/, '')
    .replace(/[_\-.:#?]+/g, ' ')
    .replace(/\s+/g, ' ')
    .trim()
    .split(' ')
    .map((word) => ELSEWHERE[word] ?? word)
    .join(' ');
}

const UNIT_WORDS: Record<string, string> = {
  millimetres: 'mm',
  millimeters: 'mm',
  centimetres: 'cm',
  centimeters: 'cm',
  metres: 'm',
  meters: 'm',
  cms: 'cm',
  centimetre: 'cm',
  centimeter: 'cm',
  inches: 'in',
  inch: 'in',
  ins: 'in',
  '"': 'in',
  '″': 'in',
  '”': 'in',
  "'": 'ft',
  feet: 'ft',
  foot: 'ft',
  grams: 'g',
  gm: 'g',
  gms: 'g',
  gram: 'g',
  milligrams: 'mg',
  kilograms: 'kg',
  ounces: 'oz',
  ounce: 'oz',
  pounds: 'lb',
  lbs: 'lb',
  percent: '%',
  'per cent': '%',
};
const UNITS = ['mm', 'cm', 'm', 'in', 'ft', 'mg', 'g', 'kg', 'oz', 'lb', '%'];
const SPELT = [...UNITS, ...Object.keys(UNIT_WORDS)].join('|');
const BRACKETED = /[([]\s*([^)\]]{1,20}?)\s*[)\]]\s*$/;

/** The unit that a head names: in brackets whatever it is, at its end one that is known. */
export function unitOfHead(heading: string): { rest: string; unit: string } {
  const bracketed = BRACKETED.exec(heading);
  const spelt = (written: string) => {
    // Millimoles and moles a litre have a capital.
    if (written === 'mM' || written === 'M') return written;
    const unit = written.toLowerCase().replace(/\.$/, '');
    return UNIT_WORDS[unit] ?? (UNITS.includes(unit) ? unit : written);
  };
  if (bracketed) return { rest: heading.slice(0, bracketed.index).trim(), unit: spelt(bracketed[1]!) };
  const plain = plainHead(heading);
  // `height in cm`, `height cm`, `cm`; `m` and `g` alone are names of columns more often than units.
  const ended = new RegExp(`^(.*?)(?:[ ,/]+(?:in )?)(${SPELT})$`).exec(plain);
  if (ended) return { rest: ended[1]!.replace(/ in$/, ''), unit: spelt(ended[2]!) };
  return UNITS.includes(plain) && plain.length > 1 ? { rest: '', unit: plain } : { rest: plain, unit: '' };
}

/** Roles by the whole head, in the order in which they are looked for. */
export const ROLE_HEADS: readonly [Role, RegExp][] = [
  ['length-unit', /^(length unit|unit of length|units?)$/],
  ['sown-on', /^(sown( on)?|sowing (date|day)|planted( on)?|planting date|date (sown|planted)|start date)$/],
  [
    'date',
    /^(date|dates|checked on|measured on|when|day of measurement|date (measured|checked|of .*)|measurement date|cut on|harvested on|datum)$/,
  ],
  [
    'day',
    /^(days?|day (no|nr|number)|age( days)?|dag|das|dap|dat|days? (after|since|from) (sowing|planting|start|treatment)|time( days)?|day of (experiment|trial)|weeks?|week (no|nr|number)|age weeks|hours?|time hours|hours (after|since|from) (sowing|planting|start|soaking)|h after (sowing|planting))$/,
  ],
  [
    'of-how-many',
    /^(of( how many)?|out of|n|n (seeds|sown|total)|total|in all|seeds|(number|no) of seeds( sown)?|seeds? (sown|planted|total|number)|total seeds|sown|planted|sown seeds|(number|no|n|plants|seedlings|kernels|grains|beans|peas) (sown|planted))$/,
  ],
  ['state', /^(state|status|alive|fate|survival)$/],
  ['note', /^(notes?|remarks?|comments?|observations?|what we saw)$/],
  ['class', /^(class|form|section|period|school class|class name)$/],
  ['team', /^(team|block|table|bench|crew|pair|student group|group name|rep|replicate|row)( (no|nr|number|name))?$/],
  [
    'treatment',
    /^(treatment|treat|trt|treatments?|group|grp|condition|variable tested|experiment group|test group|levels?|variety|cultivar|kind|species|genotype|type|(seed|soil|plant|water|light|fertili[sz]er|feed) (type|kind|variety)|(type|kind) of [a-z]+|(which|what) (treatment|group|variety|kind)|feed|spray|solution|medium|mix|mixture|compost|substrate|additive|liquid|substance|supp|supplement|soil( type)?|light|water|salt|fertili[sz]er|colou?r of light|wool|tension|manipulation)$/,
  ],
  [
    'dose',
    /^(dose|dosage|concentration|conc|amount|strength|rate|quantity added|(salt|acid|sugar|fertili[sz]er|nitrogen) (dose|concentration|conc|amount|strength))$/,
  ],
  [
    'container',
    /^(units?|container|cup|pot|plot|jar|bag|cell|dish|plate|petri( dish)?|box|tray|pan|flat|bed|tube|id|sample|specimen|(cup|pot|plot|container|dish|jar|bag|cell|sample|plant|seedling|tray) (no|nr|number|id|code|label|name)|tree|subject|chick|label|code)$/,
  ],
  ['plant', /^(plants?|seedlings?|tags?|seeds?)$/],
  ['control', /^control$/],
];

/** Built-in measures by what people call them; the most particular first. */
const MEASURE_HEADS: readonly [string, RegExp][] = [
  ['seeds-with-root', /\b(with root|roots? out|radicles? out|rooted)\b/],
  ['root-length', /\b(root|roots|radicle)\b|^rl$/],
  ['leaf-length', /\b(leaf|blade) (length|len|size)\b|\blongest leaf\b/],
  [
    'leaves',
    /\bhow many leaves\b|^(leaves|leafs|true leaves|leaf (count|number|no)|(n|no|nr|number|count|#) ?(of )?(true )?leaves)$/,
  ],
  ['dry-mass', /\b(dry|dried) ?(mass|weight|wt|matter)\b|\bbiomass\b|^(dw|dm)$/],
  ['fresh-mass', /\b(fresh|wet) ?(mass|weight|wt)\b|^(fw|(final |end |plant )?(mass|weight|wt))$/],
  ['harvest', /\b(harvest|yield|crop)\b/],
  ['percent-green', /\b(percent green|green cover|greenness|% ?green|green ?%|cover)\b/],
  ['soil-moisture', /\b(soil )?(moisture|wetness)\b/],
  ['soil-ph', /^(ph|soil ph|ph of (the )?soil|ph (value|level))$/],
  [
    'seeds-up',
    /\b(germ|germs|germinated|germinations?|sprouted|sprouts|sprout count|emerged|emergence|seedlings?|came up|come up|seeds up|up|growing)\b/,
  ],
  ['stage', /^(stage|growth stage)$/],
  ['vigour', /^(vigou?r|health|how it looks)$/],
  ['colour', /^((leaf )?colou?r|colou?r of (the )?leaves)$/],
  [
    'height',
    /\b(height|heights|hgt|ht|tall|how tall|stem|shoot|plant size|growth)\b|^((plant|seedling|mean|average|avg|final|total|initial) )?(length|len|size|value|measurement|measure)$|^sl$/,
  ],
];

const TIME_UNTIL =
  /^((first )?days?|time|hours) (to|until|till|before|sprouted|germinated|emerged|of (sprouting|germination|emergence|first))/;

/** The built-in measure that a head without its unit names; null for none. A head that is a measure's own name always is that one. */
export function measureOfHead(rest: string): string | null {
  const plain = plainHead(rest);
  // How long it took is no count of what came.
  if (TIME_UNTIL.test(plain)) return null;
  const named = BUILT_IN.find((m) => plainHead(m.name) === plain || plainHead(m.code) === plain);
  if (named) return named.code;
  return MEASURE_HEADS.find(([, head]) => head.test(plain))?.[0] ?? null;
}

/** A count that tells what has come since the look before. */
export const isNewCount = (heading: string): boolean =>
  /\b(new|daily|since last|today|that day|each day|per day)\b/.test(plainHead(heading));

/** A number or a single letter behind a name: `Salt 2` and `Salt B` are some of `Salt`; `A1` is one of `A`. */
export function nameStem(name: string): string {
  const plain = name.replace(/[\s_.#-]*(\d+|\s[a-f])$/i, '').trim();
  return plain === '' ? name : plain;
}

const SUMS = 'average|mean|avg|ave|total|sum|sd|st ?dev|standard deviation|se|sem|median';
const SUMMED_HEAD = new RegExp(`^(${SUMS}|range|minimum|maximum|min|max)\\b`);
const SUMMED_LINE = new RegExp(`^(${SUMS.replace('st ?dev', 'st[. ]*dev')})\\b`, 'i');
const LONGEST_SUM = 30;

/** A head of what is worked out of other columns. */
export const isSummedHead = (plain: string): boolean => SUMMED_HEAD.test(plain);

/** A line that is called after what is worked out of other lines. Children are called Max. */
export const isSummed = (text: string): boolean => text.length <= LONGEST_SUM && SUMMED_LINE.test(text);
