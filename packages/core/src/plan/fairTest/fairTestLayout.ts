import { type FairRule, type Fix } from './fairRule';
import { type LaidContainer, type Layout, layOut, placeFactor, standing } from '../layout/layOut';
import { MOST_CONTAINERS, type PlanDocument } from '../document/planDocument';

const NOT_TESTS = ['viability', 'age-ladder', 'side-by-side'];
const FEWEST = 3;
const ENDS = 3;

/** Deals places anew and forgets what was moved by hand. */
const dealAgain = (plan: PlanDocument): PlanDocument => ({ ...plan, moved: {}, drawSeed: plan.drawSeed + 1 });

const inSets = (plan: PlanDocument): PlanDocument => ({ ...plan, assignment: 'one-of-each', moved: {} });

/** Containers enough for whole sets for every team; null where the sill does not carry them. */
function wholeSets(containersEach: number, treatments: number, teams: number): Fix | null {
  const each = teams * Math.ceil(containersEach / teams);
  if (each * treatments > MOST_CONTAINERS) return null;
  return { label: `Have ${each} of each`, apply: (plan) => ({ ...plan, containersEach: each }) };
}

function countsBy<K>(containers: readonly LaidContainer[], key: (c: LaidContainer) => K): Map<K, Map<string, number>> {
  const counts = new Map<K, Map<string, number>>();
  for (const c of containers) {
    const own = counts.get(key(c)) ?? new Map<string, number>();
    own.set(c.treatment, (own.get(c.treatment) ?? 0) + 1);
    counts.set(key(c), own);
  }
  return counts;
}

/** Rules about what is compared, how often, and who and where the containers are. */
export const LAYOUT_RULES: Record<string, FairRule> = {
  'no-control': ({ kind, factors }) => {
    const without = factors.find((f) => f.control === null && f.noControlReason.trim() === '');
    if (!without || kind === 'viability') return null;
    return {
      severity: 'stop',
      what: `${without.name || 'What you change'} has no control.`,
      why: 'Without pots where nothing is changed, nobody knows what would have happened anyway.',
      fix: {
        label: 'Make the first one the control',
        apply: (plan) => ({
          ...plan,
          factors: plan.factors.map((f) => (f === without || f.name === without.name ? { ...f, control: 0 } : f)),
        }),
      },
    };
  },
  'more-than-one-thing': ({ keptSame }) => {
    const loose = keptSame.filter((k) => !k.kept);
    if (loose.length === 0) return null;
    return {
      severity: 'mend',
      what: `Not kept the same: ${loose.map((k) => k.text.toLowerCase()).join('; ')}.`,
      why: 'If two things differ, nobody can say which of them made the difference.',
      fix: {
        label: 'Keep them the same',
        apply: (plan) => ({ ...plan, keptSame: plan.keptSame.map((k) => ({ ...k, kept: true })) }),
      },
    };
  },
  'too-few-containers': ({ containersEach, kind }) => {
    if (containersEach >= FEWEST || kind === 'viability') return null;
    return {
      severity: containersEach === 1 ? 'stop' : 'mend',
      what: `Only ${containersEach === 1 ? 'one container' : `${containersEach} containers`} of each.`,
      why: 'Seeds in one container share its luck: the container counts once, however many seeds are in it.',
      fix: { label: `Have ${FEWEST} of each`, apply: (plan) => ({ ...plan, containersEach: FEWEST }) },
    };
  },
  'team-is-treatment': ({ assignment, kind, containersEach }, { layout, treatments }, teams) => {
    if (teams === 0 || NOT_TESTS.includes(kind) || assignment === 'class-shares' || assignment === 'own-pot') return null;
    const byTeam = countsBy(layout.containers, (c) => c.team);
    const alone = [...byTeam.values()].filter((own) => own.size === 1).length;
    if (treatments.length < 2 || alone === 0) return null;
    return {
      severity: 'mend',
      what:
        alone === byTeam.size ? 'Each team has one treatment only.' : `${alone} of ${byTeam.size} teams have one treatment only.`,
      why: 'A team that waters more or measures higher would look like its treatment.',
      fix:
        assignment === 'one-of-each'
          ? wholeSets(containersEach, treatments.length, teams)
          : { label: 'Give every team one of each', apply: inSets },
    };
  },
  'places-stand-apart': (plan) => {
    const apart = placeFactor(plan);
    if (!apart || NOT_TESTS.includes(plan.kind)) return null;
    return {
      severity: 'mind',
      what: `${apart.levels.map((l) => l.label).join(' and ')}: each has a tray of its own.`,
      why: 'A place is warmth, light and draught together. Measure the warmth at each, and give all the same light.',
      fix: null,
    };
  },
  'stands-elsewhere': (plan, { layout }) => {
    const belongs = standing(plan);
    const strayed = layout.containers.filter((c) => layout.trays[c.tray]!.at !== belongs.get(c.treatment));
    if (strayed.length === 0) return null;
    const [first] = strayed;
    return {
      severity: 'mend',
      what: `${strayed.map((c) => c.code).join(', ')} ${strayed.length === 1 ? 'is' : 'are'} meant for another place than ${layout.trays[first!.tray]!.at}.`,
      why: 'What stands in the wrong place gets the other treatment under its own label.',
      fix: { label: 'Put them back as drawn', apply: (p) => ({ ...p, moved: {} }) },
    };
  },
  'tray-is-treatment': (plan, { layout, treatments }) => {
    const { kind } = plan;
    if (placeFactor(plan)) return null;
    if (layout.trays.length < 2 || treatments.length < 2 || NOT_TESTS.includes(kind)) return null;
    const byTray = [...countsBy(layout.containers, (c) => c.tray).values()];
    if (!treatments.some((t) => byTray.filter((own) => own.has(t.code)).length === 1)) return null;
    return {
      severity: 'mend',
      what: 'A treatment stands on one tray only.',
      why: 'A warmer or wetter tray would look like the treatment.',
      fix: { label: 'Deal the places again', apply: dealAgain },
    };
  },
  'place-is-treatment': ({ kind }, { layout, treatments }, teams) => {
    if (treatments.length < 2 || NOT_TESTS.includes(kind)) return null;
    const bad = badlyPlaced(layout);
    if (bad === null) return null;
    const { code, label } = treatments.find((t) => t.code === bad.treatment)!;
    return {
      severity: 'mend',
      what: bad.row
        ? `All of ${code} (${label}) stand in one row from the window.`
        : `Nearly all of ${code} (${label}) stand at one end.`,
      why: 'Light and warmth change along a sill; the place would look like the treatment.',
      fix: { label: 'Deal the places again', apply: (plan) => dealtWell(plan, teams) },
    };
  },
  'observer-is-treatment': ({ assignment }) =>
    assignment !== 'team-one-treatment'
      ? null
      : {
          severity: 'mind',
          what: 'The same students measure all of a treatment.',
          why: 'Everybody reads a ruler a little differently; let teams swap for one check and compare.',
          fix: { label: 'Give every team one of each', apply: inSets },
        },
  'sown-apart': ({ kind, keptSame }) =>
    kind === 'age-ladder' || keptSame.find((k) => k.id === 'day')?.kept !== false
      ? null
      : {
          severity: 'mend',
          what: 'Treatments are sown on different days.',
          why: 'Plants that are a day older are taller; compare them at the same age.',
          fix: {
            label: 'Sow on one day',
            apply: (plan) => ({ ...plan, keptSame: plan.keptSame.map((k) => (k.id === 'day' ? { ...k, kept: true } : k)) }),
          },
        },
  'kinds-are-no-test': ({ kind }) =>
    kind !== 'side-by-side'
      ? null
      : {
          severity: 'mind',
          what: 'Kinds of seed differ in everything at once.',
          why: 'This is a comparison side by side; it cannot say why one kind is ahead.',
          fix: null,
        },
};

/** A treatment that stands at one end or in one row only; null where none does. */
function badlyPlaced({ containers, trays }: Layout): { treatment: string; row: boolean } | null {
  const third = (c: LaidContainer) => Math.floor((c.column * ENDS) / Math.max(1, trays[c.tray]!.columns));
  for (const treatment of new Set(containers.map((c) => c.treatment))) {
    const own = containers.filter((c) => c.treatment === treatment);
    if (own.length < FEWEST) continue;
    if ([0, 2].some((end) => own.filter((c) => third(c) === end).length > 0.75 * own.length)) return { treatment, row: false };
    if (trays[0]!.rows > 1 && own.length >= 4 && new Set(own.map((c) => c.row)).size === 1) return { treatment, row: true };
  }
  return null;
}

const DEALS = 60;

/** The next draw in which no treatment stands at one end or in one row. */
function dealtWell(plan: PlanDocument, teams: number): PlanDocument {
  for (let draw = 1; draw < DEALS; draw++) {
    const dealt = { ...plan, moved: {}, drawSeed: plan.drawSeed + draw };
    if (badlyPlaced(layOut(dealt, teams)) === null) return dealt;
  }
  return dealAgain(plan);
}
