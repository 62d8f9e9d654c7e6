import { dealContainers } from './dealContainers';
import { type Generator, generatorFrom } from '../../random/generator';
import { layoutForm, type LayoutForm } from './layoutForm';
import { type Assignment, type Factor, type FactorSubject, type PlanDocument } from '../document/planDocument';
import { planTreatments } from '../document/planTreatments';
import { type SplitFact } from './splitWords';

export interface LaidContainer {
  code: string;
  treatment: string;
  /** Index of the team, or null. */
  team: number | null;
  /** Place from 0 over all trays. */
  place: number;
  tray: number;
  /** Column from the left and row from the window, both from 0. */
  column: number;
  row: number;
  /** Where everybody has a pot of their own: whose it is, as a number beside the team's emblem from 1; null elsewhere. */
  child: number | null;
}

export interface Layout {
  form: LayoutForm;
  containers: LaidContainer[];
  /** Those that stand in reserve beside them, and belong to nobody yet. */
  reserve: LaidContainer[];
  /** Columns and rows, how much room they take in mm, and the place where it stands where places are compared. */
  trays: { columns: number; rows: number; wideMm: number; deepMm: number; at: string | null }[];
  /** Who gets what. */
  split: SplitFact;
  /** How often two treatments meet in one team, fewest and most; null where every team has all. */
  pairsTogether: { fewest: number; most: number } | null;
}

/**
 * Containers with team and place: a function of the plan and its seed, so that it can be drawn and printed again.
 * Containers moved by hand stand where they were put; the rest fill the free places in the order of the draw.
 */
export function layOut(plan: PlanDocument, teams: number): Layout {
  const dealt = deal(
    plan,
    planTreatments(plan).map((t) => t.code),
    teams,
  );
  const form = layoutForm(plan.methodId, plan.ownCarrier);
  const stands = standing(plan);
  const reserve = inReserve(plan, dealt.containers);
  const groups = [...new Set(stands.values())].map((at) => {
    const codes = [...dealt.containers, ...reserve].filter((c) => stands.get(c.treatment) === at).map((c) => c.code);
    return { at, codes };
  });
  const asked = Math.ceil(Math.max(1, Math.round(plan.trays)) / groups.length);
  const carried = groups.map((g) => trayShapes(g.codes.length, asked, form, plan.fillMl).map((t) => ({ ...t, at: g.at })));
  const trays = carried.flat();
  const placeOf = placed(
    groups.map((g, i) => ({ codes: g.codes, room: roomOn(carried[i]!) })),
    plan.moved,
  );
  const moved = dealt.containers.filter((c) => plan.moved[c.code] !== undefined).length;
  const placedOn = <C extends { code: string }>(c: C) => ({ ...c, ...geometry(placeOf.get(c.code)!, trays) });
  const children = childNumbers(plan, dealt.containers);
  return {
    ...dealt,
    split: { ...dealt.split, ...(moved > 0 ? { moved } : {}) },
    form,
    trays,
    containers: dealt.containers.map((c) => ({ ...placedOn(c), child: children.get(c.code) ?? null })),
    reserve: reserve.map((c) => ({ ...placedOn(c), child: null })),
  };
}

/** Pots in reserve go on with the numbers of their treatment. */
function inReserve(plan: PlanDocument, dealt: Dealt['containers']): Dealt['containers'] {
  return planTreatments(plan).flatMap(({ code: treatment }) => {
    const numbers = dealt.flatMap((c) => (c.treatment === treatment ? [Number(c.code.slice(treatment.length))] : []));
    const highest = Math.max(0, ...numbers);
    return numbered([treatment], plan.reserveEach).map((c, i) => ({ ...c, code: `${treatment}${highest + i + 1}`, team: null }));
  });
}

/** Everything that is sown and cared for: what is compared, and what stands in reserve. */
export const allOf = ({ containers, reserve }: Pick<Layout, 'containers' | 'reserve'>): LaidContainer[] => [
  ...containers,
  ...reserve,
];

/** Children of a team are numbered by its pots, in the order of their codes, so that no name is needed. */
function childNumbers({ assignment }: PlanDocument, containers: Dealt['containers']): Map<string, number> {
  const numbers = new Map<string, number>();
  if (assignment !== 'own-pot') return numbers;
  const counts = new Map<number | null, number>();
  for (const { code, team } of [...containers].sort((a, b) => a.code.localeCompare(b.code, 'en', { numeric: true }))) {
    const next = (counts.get(team) ?? 0) + 1;
    counts.set(team, next);
    numbers.set(code, next);
  }
  return numbers;
}

/** Things of which every tray can have only one. */
const OF_A_PLACE: readonly FactorSubject[] = ['temperature', 'place'];

/** The factor whose levels have to stand apart; at home every pot has a sill of its own anyway. */
export function placeFactor({ factors, assignment }: Pick<PlanDocument, 'factors' | 'assignment'>): Factor | null {
  return assignment === 'own-pot' ? null : (factors.find((f) => OF_A_PLACE.includes(f.subject)) ?? null);
}

/** Where the containers of each treatment stand; null for all of them where they can stand together. */
export function standing(plan: Pick<PlanDocument, 'factors' | 'assignment'>): Map<string, string | null> {
  const apart = placeFactor(plan);
  const nth = apart ? plan.factors.indexOf(apart) : -1;
  return new Map(planTreatments(plan).map((t) => [t.code, apart ? t.levels[nth]!.label.trim() || t.code : null]));
}

const roomOn = (trays: readonly { columns: number; rows: number }[]) => trays.reduce((sum, t) => sum + t.columns * t.rows, 0);

type Dealt = Pick<Layout, 'split' | 'pairsTogether'> & {
  containers: { code: string; treatment: string; team: number | null }[];
};

function deal({ assignment, containersEach, drawSeed }: PlanDocument, treatments: readonly string[], teams: number): Dealt {
  if (assignment === 'one-of-each' || assignment === 'own-pot' || teams === 0) {
    const { containers, split, pairsTogether } = dealContainers(treatments, containersEach, teams, drawSeed);
    return { containers, split: assignment === 'own-pot' ? { ...split, atHome: true } : split, pairsTogether };
  }
  const random = generatorFrom(drawSeed);
  return SHARED[assignment](treatments, containersEach, teams, random);
}

const SHARED: Record<
  Exclude<Assignment, 'one-of-each' | 'own-pot'>,
  (treatments: readonly string[], each: number, teams: number, random: Generator) => Dealt
> = {
  'team-one-treatment': (treatments, each, teams, random) => {
    const order = random.shuffle(Array.from({ length: teams }, (_, i) => i));
    const own = treatments.map((_, t) => order.filter((__, i) => i % treatments.length === t));
    const containers = treatments.flatMap((treatment, t) =>
      Array.from({ length: each }, (_, i) => ({
        code: `${treatment}${i + 1}`,
        treatment,
        team: own[t]!.length === 0 ? null : own[t]![i % own[t]!.length]!,
      })),
    );
    return {
      containers: containers.sort((a, b) => (a.team ?? teams) - (b.team ?? teams)),
      split: { code: 'team-one-treatment' },
      pairsTogether: null,
    };
  },
  'class-shares': (treatments, each, _, random) => ({
    containers: random.shuffle(numbered(treatments, each)).map((c) => ({ ...c, team: null })),
    split: { code: 'class-shares' },
    pairsTogether: null,
  }),
};

function numbered(treatments: readonly string[], each: number): { code: string; treatment: string }[] {
  return treatments.flatMap((treatment) => Array.from({ length: each }, (_, i) => ({ code: `${treatment}${i + 1}`, treatment })));
}

/** As many carriers as asked for, or as are needed to hold all. */
function trayShapes(containers: number, asked: number, form: LayoutForm, fillMl: number): Omit<Layout['trays'][number], 'at'>[] {
  const trays = Math.max(asked, Math.ceil(containers / form.most));
  const each = Math.ceil(containers / trays);
  const rows = form.rows(each);
  const columns = form.columns ?? Math.max(1, Math.ceil(each / rows));
  const { wideMm, deepMm } = form.footprint(fillMl);
  return Array.from({ length: trays }, () => ({ columns, rows, wideMm: columns * wideMm, deepMm: rows * deepMm }));
}

/** Place of every container: moved ones first, the rest in order into what is free where they belong, else anywhere. */
function placed(
  groups: readonly { codes: readonly string[]; room: number }[],
  moved: Readonly<Record<string, number>>,
): Map<string, number> {
  const places = new Map<string, number>();
  const taken = new Set<number>();
  const capacity = groups.reduce((sum, g) => sum + g.room, 0);
  for (const code of groups.flatMap((g) => g.codes)) {
    const place = moved[code];
    if (place === undefined || place < 0 || place >= capacity || taken.has(place)) continue;
    places.set(code, place);
    taken.add(place);
  }
  const nextFree = (from: number) => {
    while (taken.has(from)) from++;
    return from;
  };
  let first = 0;
  for (const { codes, room } of groups) {
    for (const code of codes) {
      if (places.has(code)) continue;
      const near = nextFree(first);
      const place = near < first + room ? near : nextFree(0);
      places.set(code, place);
      taken.add(place);
    }
    first += room;
  }
  return places;
}

/** Places run down the rows, then on to the next column, then to the next tray. */
function geometry(place: number, trays: Layout['trays']): Pick<LaidContainer, 'place' | 'tray' | 'column' | 'row'> {
  let tray = 0;
  let rest = place;
  while (tray < trays.length - 1 && rest >= trays[tray]!.columns * trays[tray]!.rows)
    rest -= trays[tray]!.columns * trays[tray++]!.rows;
  const { rows } = trays[tray]!;
  return { place, tray, column: Math.floor(rest / rows), row: rest % rows };
}

/** The plan's moves after a container is put on a place: who stood there goes where it came from. */
export function moveTo(
  layout: Layout,
  moved: Readonly<Record<string, number>>,
  code: string,
  place: number,
): Record<string, number> {
  const all = allOf(layout);
  const from = all.find((c) => c.code === code);
  const there = all.find((c) => c.place === place);
  if (!from || from.place === place) return { ...moved };
  return { ...moved, ...(there ? { [there.code]: from.place } : {}), [code]: place };
}
