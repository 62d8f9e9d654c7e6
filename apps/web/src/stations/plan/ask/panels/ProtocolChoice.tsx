import { say } from '@bright-sprout/words/say';
import { type SproutedRule } from '@bright-sprout/core/measures/measure';
import { type Protocol } from '@bright-sprout/core/plan/document/planDocument';
import { PROTOCOL_WORDS, type ProtocolName } from '@bright-sprout/core/plan/document/protocolWords';
import { countingBy } from '@bright-sprout/core/plan/document/startingPoints';
import { type PartProps } from '../../partProps';
import { ProtocolGlyph } from './ProtocolGlyph';
import { PictureChoices } from './PictureChoices';

const NAMES: Record<ProtocolName, string> = {
  get sprouted() {
    return say('plannerAsk.seedSproutedWhen');
  },
  get height() {
    return say('plannerAsk.heightIs');
  },
  get beforeSprouting() {
    return say('plannerAsk.plantYetCounts');
  },
  get afterLoss() {
    return say('plannerAsk.plantDied');
  },
  get seedlings() {
    return say('plannerAsk.measuredAre');
  },
  get seedsToHole() {
    return say('plannerAsk.seedsHole');
  },
  get depth() {
    return say('plannerAsk.sown');
  },
  get firm() {
    return say('plannerAsk.theSoil');
  },
  get water() {
    return say('plannerAsk.water');
  },
  get lightBefore() {
    return say('plannerAsk.beforeTheyAreUp');
  },
  get openBag() {
    return say('plannerAsk.bagOpened');
  },
  get report() {
    return say('plannerAsk.reportedIs');
  },
};

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
