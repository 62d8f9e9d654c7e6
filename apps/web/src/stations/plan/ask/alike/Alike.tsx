import { type Recipe } from '@bright-sprout/core/plan/recipes/recipe';
import { type FactorSubject, type PlanDocument } from '@bright-sprout/core/plan/document/planDocument';
import { isWatered } from '@bright-sprout/core/plan/document/waterings';
import { methodById, type GrowingMethod } from '@bright-sprout/core/seeds/catalogue';
import { counted } from '@bright-sprout/core/words/plural';
import { type ReactNode } from 'react';
import { Glyph, SubjectGlyph } from '../../../../drawing/container/SubjectGlyph';
import { WordPanel } from '../../../../page/WordPanel';
import { RoomTemperature } from '../../days/RoomTemperature';
import { setting, NumberField } from '../../planFields';
import { type PartProps } from '../../partProps';
import { ProtocolChoice } from '../panels/ProtocolChoice';
import { SeedNumbers } from '../panels/SeedNumbers';
import { WhoGetsWhat } from '../panels/WhoGetsWhat';
import { GoalPanel } from '../panels/GoalPanel';
import { PredictionsPanel } from '../panels/PredictionsPanel';
import './alike.scss';

interface Item {
  key: string;
  glyph: ReactNode;
  says: string;
  more: string;
  /** Fields of problems behind it. */
  fields: readonly string[];
  panel: ReactNode;
  wide?: boolean;
}

/** What is alike for all: each thing with its picture, and behind it the choices that this plan raises. */
export function Alike(props: PartProps) {
  const method = methodById(props.plan.methodId);
  if (!method) return null;
  const items = [...soilItems(props, method), ...careItems(props, method), ...classItems(props)];
  return (
    <section className="section alike" aria-label="Alike for all">
      <h2>Alike for all</h2>
      <div className="alike-things">
        {items.map((item) => (
          <WordPanel
            key={item.key}
            name={`${item.says}, ${item.more}`}
            className="alike-thing"
            disabled={props.readOnly}
            wide={item.wide}
            wrong={props.problems.some((p) => item.fields.includes(p.field))}
            word={
              <>
                {item.glyph}
                <span>
                  <b>{item.says}</b>
                  <span className="second">{item.more}</span>
                </span>
              </>
            }
          >
            {item.panel}
          </WordPanel>
        ))}
      </div>
    </section>
  );
}

const differs = (plan: PlanDocument, ...subjects: FactorSubject[]) => plan.factors.some((f) => subjects.includes(f.subject));

function soilItems(props: PartProps, method: GrowingMethod): Item[] {
  const { plan, change, problems, out } = props;
  const { container, paper } = method;
  const first = out?.recipes[0];
  const fill: Item = {
    key: 'fill',
    glyph: <SubjectGlyph subject="soil" size={36} />,
    says: `${plan.fillMl} mL ${paper ? 'of paper or pad' : 'of mix'}`,
    more: `in each ${container}${paper ? '' : `, ${plan.protocol.firm === 'press' ? 'pressed gently' : 'left loose'}`}`,
    fields: ['fillMl'],
    panel: (
      <>
        <NumberField
          label={`Fill of one ${container}`}
          unit="mL"
          field="fillMl"
          problems={problems}
          value={plan.fillMl}
          onChange={(fillMl) => change(setting({ fillMl }))}
        />
        {!paper && <ProtocolChoice name="firm" plan={plan} change={change} />}
      </>
    ),
  };
  const seeds: Item = {
    key: 'seeds',
    glyph: <SubjectGlyph subject="depth" size={36} />,
    says: `${seedsInWords(plan, out?.recipes ?? [])} in each`,
    more: differs(plan, 'depth') || !first ? 'of the same packet' : wayInWords(first),
    fields: ['seedsEach', 'keep'],
    panel: (
      <>
        <SeedNumbers {...props} />
        {!paper && !differs(plan, 'depth') && <ProtocolChoice name="depth" plan={plan} change={change} />}
        {out?.kinds.map(({ species, depth }) => depth.because && <p key={species.id}>{`${species.name}: ${depth.because}`}</p>)}
      </>
    ),
  };
  const soaked = !differs(plan, 'soaking', 'kind') && first?.soakHours;
  const soak: Item[] = soaked
    ? [
        {
          key: 'soak',
          glyph: <SubjectGlyph subject="soaking" size={36} />,
          says: 'soaked',
          more: `${soaked[0]} to ${soaked[1]} hours before`,
          fields: [],
          panel: <p className="mb-0">This kind comes up more evenly when it was soaked. The tape shows when.</p>,
        },
      ]
    : [];
  return [fill, seeds, ...soak];
}

/** The same number for all, or from the fewest to the most. */
function seedsInWords({ seedsEach }: PlanDocument, recipes: readonly Recipe[]): string {
  const seeds = recipes.map((r) => r.seeds);
  const [low, high] = seeds.length > 0 ? [Math.min(...seeds), Math.max(...seeds)] : [seedsEach, seedsEach];
  return low === high ? counted(high, 'seed') : `${low} to ${high} seeds`;
}

function wayInWords({ wayIn }: Recipe): string {
  if (wayIn.way === 'laid') return 'laid on wet paper';
  if (wayIn.way === 'pressed') return 'pressed on, not covered';
  if (wayIn.way === 'named') return wayIn.label;
  const [from, to] = wayIn.depthMm.map(Math.round);
  const deep = from === to ? `${from} mm deep` : `${from} to ${to} mm deep`;
  return wayIn.way === 'scattered' ? `scattered, ${deep}` : deep;
}

function careItems(props: PartProps, method: GrowingMethod): Item[] {
  const { plan, change, problems, group } = props;
  const shut = method.cover === 'stays';
  const dose = plan.protocol.water === 'fixed-volume' || differs(plan, 'salt', 'acid', 'feed');
  const water: Item = {
    key: 'water',
    glyph: <SubjectGlyph subject="water" size={36} />,
    says: !isWatered(plan) ? 'stays damp' : differs(plan, 'water') ? 'the same days' : dose ? `${plan.doseMl} mL` : 'watered',
    more: !isWatered(plan) ? 'closed, not watered' : dose ? 'each time it is watered' : WATER_WORDS[plan.protocol.water],
    fields: ['doseMl'],
    panel: (
      <>
        {isWatered(plan) && (
          <>
            <NumberField
              label="One watering of one container"
              unit="mL"
              field="doseMl"
              problems={problems}
              value={plan.doseMl}
              onChange={(doseMl) => change(setting({ doseMl }))}
            />
            <ProtocolChoice name="water" plan={plan} change={change} />
          </>
        )}
        {shut && <ProtocolChoice name="openBag" plan={plan} change={change} />}
      </>
    ),
  };
  const light: Item = {
    key: 'light',
    glyph: <SubjectGlyph subject="light" size={36} />,
    says: plan.protocol.lightBefore === 'bright-window' ? 'bright window' : 'warm and covered',
    more: plan.protocol.lightBefore === 'bright-window' ? 'from day one' : 'until they are up',
    fields: [],
    panel: <ProtocolChoice name="lightBefore" plan={plan} change={change} />,
  };
  const warmth: Item = {
    key: 'warmth',
    glyph: <SubjectGlyph subject="temperature" size={36} />,
    says: `${plan.room.day} °C by day`,
    more: `${plan.room.night} °C by night`,
    fields: ['room.day', 'room.night'],
    wide: true,
    panel: <RoomTemperature group={group} plan={plan} change={change} problems={problems} />,
  };
  return [water, ...(differs(plan, 'light') ? [] : [light]), ...(differs(plan, 'temperature') ? [] : [warmth])];
}

const WATER_WORDS: Record<PlanDocument['protocol']['water'], string> = {
  'damp-before': 'soil damp from the start',
  'by-touch': 'by touch',
  'fixed-volume': 'a fixed amount',
  'by-weight': 'by weight',
};

function classItems(props: PartProps): Item[] {
  const { plan } = props;
  const moved = Object.keys(plan.moved).length > 0;
  return [
    {
      key: 'places',
      glyph: (
        <Glyph size={36}>
          <path d="M6 40h36M9 40l-2-14h10l-2 14M21 40l-2-14h10l-2 14M33 40l-2-14h10l-2 14M12 18q12-16 24 0m0 0l-1-7m1 7l-7-1" />
        </Glyph>
      ),
      says: moved ? 'moved by hand' : 'places by lot',
      more: ASSIGNED[plan.assignment],
      fields: ['trays'],
      panel: <WhoGetsWhat {...props} />,
    },
    ...(plan.measures.includes('height') ? [goalItem(props)] : []),
    {
      key: 'guess',
      glyph: (
        <Glyph size={36}>
          <path d="M12 42V14m0 0h22l4 6-4 6H12M20 42V30" />
        </Glyph>
      ),
      says: plan.predictions.length > 0 ? `${counted(plan.predictions.length, 'prediction')}` : 'no predictions',
      more: plan.askTeams ? 'teams are asked now' : 'before sowing',
      fields: [],
      panel: <PredictionsPanel {...props} />,
    },
  ];
}

function goalItem({ plan, change, problems }: PartProps): Item {
  return {
    key: 'goal',
    glyph: (
      <Glyph size={36}>
        <path d="M6 42h36M20 42V16m0 8q-8 0-9-8 9 0 9 8zm0-8q8 0 9-8-9 0-9 8z" />
        <path d="M6 7h36" strokeDasharray="5 4" />
      </Glyph>
    ),
    says: plan.goal ? `as tall as ${plan.goal.name}` : 'no goal line',
    more: plan.goal ? `${plan.goal.mm / 10} cm, on the wall` : 'as tall as …',
    fields: ['goal'],
    panel: <GoalPanel plan={plan} change={change} problems={problems} />,
  };
}

const ASSIGNED: Record<PlanDocument['assignment'], string> = {
  'one-of-each': 'one of each for a team',
  'team-one-treatment': 'one treatment for a team',
  'class-shares': 'the class shares all',
  'own-pot': 'a pot for everyone at home',
};
