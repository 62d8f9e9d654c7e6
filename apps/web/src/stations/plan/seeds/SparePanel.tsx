import { type PlanDocument } from '@bright-sprout/core/plan/document/planDocument';
import { NumberField, setting } from '../planFields';
import { type PartProps } from '../partProps';

/** What is to spare, and how seeds are sold. */
export function SparePanel({ plan, change, problems }: Pick<PartProps, 'plan' | 'change' | 'problems'>) {
  return (
    <>
      <NumberField
        label="To spare"
        unit="%"
        field="sparePercent"
        problems={problems}
        value={plan.sparePercent}
        onChange={(sparePercent) => change(setting({ sparePercent }))}
      />
      <NumberField
        label="Seeds in a packet"
        field="packetSeeds"
        hint="0 if nobody knows. A class can count one in the lesson about the seeds."
        problems={problems}
        value={plan.packetSeeds}
        onChange={(packetSeeds) => change(setting({ packetSeeds }))}
      />
    </>
  );
}

/** `10 % are to spare, in packets of 50`. */
export function spareWords({ sparePercent, packetSeeds }: PlanDocument): string {
  return `${sparePercent} % are to spare${packetSeeds > 0 ? `, in packets of ${packetSeeds}` : ''}`;
}
