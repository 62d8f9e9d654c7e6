import { say } from '@bright-sprout/words/say';
import { type Recipe } from '@bright-sprout/core/plan/recipes/recipe';
import { type PlanDocument } from '@bright-sprout/core/plan/document/planDocument';
import { type GrowingMethod } from '@bright-sprout/core/seeds/catalogue';
import { counted } from '@bright-sprout/core/words/plural';
import { SubjectGlyph } from '../../../../drawing/container/SubjectGlyph';
import { type PartProps } from '../../partProps';
import { ProtocolChoice } from '../panels/ProtocolChoice';
import { SeedNumbers } from '../panels/SeedNumbers';
import { FillField } from '../panels/VolumeFields';
import { type AlikeThing, differs } from './alikeThing';

/** What is filled in, and the seeds in it. */
export function soilThings(props: PartProps, method: GrowingMethod): AlikeThing[] {
  const { plan, change, problems, out } = props;
  const { container, paper } = method;
  const first = out?.recipes[0];
  const fill: AlikeThing = {
    key: 'fill',
    glyph: <SubjectGlyph subject="soil" size={36} />,
    says: say('plannerAsk.mlPaperPadMix', { fillMl: plan.fillMl, paper }),
    more: say('plannerAsk.inEach', {
      container,
      reserve: paper ? '' : `, ${plan.protocol.firm === 'press' ? say('plannerAsk.pressedGently') : say('plannerAsk.leftLoose')}`,
    }),
    fields: ['fillMl'],
    panel: (
      <>
        <FillField plan={plan} change={change} problems={problems} />
        {!paper && <ProtocolChoice name="firm" plan={plan} change={change} />}
      </>
    ),
  };
  const seeds: AlikeThing = {
    key: 'seeds',
    glyph: <SubjectGlyph subject="depth" size={36} />,
    says: say('plannerAsk.seedsInEachWords', { seedsInWords: seedsInWords(plan, out?.recipes ?? []) }),
    more: wayInOfAll(plan, out?.recipes ?? []),
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
  const soak: AlikeThing[] = soaked
    ? [
        {
          key: 'soak',
          glyph: <SubjectGlyph subject="soaking" size={36} />,
          says: say('plannerAsk.soaked'),
          more: say('plannerAsk.hoursBefore', { least: soaked[0], most: soaked[1] }),
          fields: [],
          panel: <p className="mb-0">{say('plannerAsk.kindComesMoreEvenly')}</p>,
        },
      ]
    : [];
  return [fill, seeds, ...soak];
}

/** The same number for all, or from the fewest to the most. */
function seedsInWords({ seedsEach }: PlanDocument, recipes: readonly Recipe[]): string {
  const seeds = recipes.map((r) => r.seeds);
  const [low, high] = seeds.length > 0 ? [Math.min(...seeds), Math.max(...seeds)] : [seedsEach, seedsEach];
  return low === high ? counted(high, 'seed') : say('plannerAsk.toSeeds', { low, high });
}

/** How they are sown where that is the same for all. */
function wayInOfAll(plan: PlanDocument, recipes: readonly Recipe[]): string {
  const ways = new Set(recipes.map(wayInWords));
  if (ways.size === 1) return [...ways][0]!;
  return differs(plan, 'depth') ? say('plannerAsk.depthLabel') : say('plannerAsk.kindDepth');
}

function wayInWords({ wayIn }: Recipe): string {
  if (wayIn.way === 'laid') return say('plannerAsk.laidPaper');
  if (wayIn.way === 'pressed') return say('plannerAsk.pressedCovered');
  if (wayIn.way === 'named') return wayIn.label;
  const [from, to] = wayIn.depthMm.map(Math.round);
  const deep = from === to ? say('plannerAsk.mmDeep', { from }) : say('plannerAsk.depthFromTo', { from, to });
  return wayIn.way === 'scattered' ? say('plannerAsk.scattered', { deep }) : deep;
}
