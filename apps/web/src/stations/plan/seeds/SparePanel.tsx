import { say } from '@bright-sprout/words/say';
import { type PlanDocument } from '@bright-sprout/core/plan/document/planDocument';
import { NumberField, setting } from '../planFields';
import { type PartProps } from '../partProps';

/** What is to spare, and how seeds are sold. */
export function SparePanel({ plan, change, problems }: Pick<PartProps, 'plan' | 'change' | 'problems'>) {
  return (
    <>
      <NumberField
        label={say('plannerSeeds.toSpare')}
        unit="%"
        field="sparePercent"
        problems={problems}
        value={plan.sparePercent}
        onChange={(sparePercent) => change(setting({ sparePercent }))}
      />
      <NumberField
        label={say('plannerSeeds.seedsPacket')}
        field="packetSeeds"
        hint={say('plannerSeeds.nobodyKnowsClassCount')}
        problems={problems}
        value={plan.packetSeeds}
        onChange={(packetSeeds) => change(setting({ packetSeeds }))}
      />
    </>
  );
}

/** `10 % are to spare, in packets of 50`. */
export function spareWords({ sparePercent, packetSeeds }: PlanDocument): string {
  return say('plannerSeeds.sparePackets', { sparePercent, packetSeeds, somePacketSeeds: packetSeeds > 0 });
}
