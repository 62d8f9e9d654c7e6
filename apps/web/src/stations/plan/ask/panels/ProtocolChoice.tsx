import { spoken } from '@bright-sprout/words/spoken';
import { type SproutedRule } from '@bright-sprout/core/measures/measure';
import { type Protocol } from '@bright-sprout/core/plan/document/planDocument';
import { PROTOCOL_WORDS, type ProtocolName } from '@bright-sprout/core/plan/document/protocolWords';
import { countingBy } from '@bright-sprout/core/plan/document/startingPoints';
import { type PartProps } from '../../partProps';
import { ProtocolGlyph } from './ProtocolGlyph';
import { PictureChoices } from './PictureChoices';

const NAMES: Record<ProtocolName, string> = spoken({
  sprouted: 'plannerAsk.seedSproutedWhen',
  height: 'plannerAsk.heightIs',
  beforeSprouting: 'plannerAsk.plantYetCounts',
  afterLoss: 'plannerAsk.plantDied',
  seedlings: 'plannerAsk.measuredAre',
  seedsToHole: 'plannerAsk.seedsHole',
  depth: 'plannerAsk.sown',
  firm: 'plannerAsk.theSoil',
  water: 'plannerAsk.water',
  lightBefore: 'plannerAsk.beforeTheyAreUp',
  openBag: 'plannerAsk.bagOpened',
  report: 'plannerAsk.reportedIs',
});

/** A choice on which practitioners differ, each way with what it does to the records. */
export function ProtocolChoice({ name, plan, change }: { name: ProtocolName } & Pick<PartProps, 'plan' | 'change'>) {
  const words = PROTOCOL_WORDS[name] as Record<string, { name: string; does: string }>;
  return (
    <PictureChoices
      label={NAMES[name]}
      value={plan.protocol[name] as string}
      choices={Object.entries(words).map(([value, w]) => ({
        value,
        picture: <ProtocolGlyph name={name} value={value as Protocol[ProtocolName]} />,
        name: w.name,
        does: w.does,
      }))}
      onChoose={(value) =>
        change((p) =>
          name === 'sprouted' ? countingBy(p, value as SproutedRule) : { ...p, protocol: { ...p.protocol, [name]: value } },
        )
      }
    />
  );
}
