import { type SproutedRule } from '@bright-sprout/core/measures/measure';
import { countingBy } from '@bright-sprout/core/plan/document/startingPoints';
import { type Protocol } from '@bright-sprout/core/plan/document/planDocument';
import { PROTOCOL_WORDS } from '@bright-sprout/core/plan/document/protocolWords';
import { RESOLUTION_WORDS } from '../../../entry/resolutionWords';
import { ChoiceField } from '../planFields';
import { type PartProps } from '../partProps';

const PROTOCOL_NAMES: Record<keyof typeof PROTOCOL_WORDS, string> = {
  sprouted: 'A seed has sprouted when',
  height: 'Height is',
  beforeSprouting: 'A plant that is not up yet counts as',
  afterLoss: 'A plant that died',
  seedlings: 'Measured are',
  seedsToHole: 'Seeds to a hole',
  depth: 'Sown',
  firm: 'The soil',
  water: 'Water',
  lightBefore: 'Before they are up',
  openBag: 'The bag is opened',
  report: 'Reported is',
} as Record<keyof typeof PROTOCOL_WORDS, string>;

/** The choices on which practitioners differ, each with what it does to the records. */
export function ProtocolSection({ plan, change, problems }: Pick<PartProps, 'plan' | 'change' | 'problems'>) {
  return (
    <section className="section">
      <h2>How it is done</h2>
      <p className="second">Practitioners differ here. Each choice says what it does to the records.</p>
      <div className="planner-columns">
        <ChoiceField
          label="Ruler read to the"
          field="protocol.resolution"
          problems={problems}
          value={plan.protocol.resolution}
          choices={(Object.keys(RESOLUTION_WORDS) as Protocol['resolution'][]).map((value) => ({
            value,
            name: RESOLUTION_WORDS[value],
          }))}
          onChange={(resolution) => change((p) => ({ ...p, protocol: { ...p.protocol, resolution } }))}
        />
        {(Object.keys(PROTOCOL_WORDS) as (keyof typeof PROTOCOL_WORDS)[]).map((name) => {
          const words = PROTOCOL_WORDS[name] as Record<string, { name: string; does: string }>;
          const value = plan.protocol[name];
          return (
            <ChoiceField
              key={name}
              label={PROTOCOL_NAMES[name]}
              hint={words[value]?.does}
              field={`protocol.${name}`}
              problems={problems}
              value={value as string}
              choices={Object.entries(words).map(([v, w]) => ({ value: v, name: w.name }))}
              onChange={(v) =>
                change((p) =>
                  name === 'sprouted' ? countingBy(p, v as SproutedRule) : { ...p, protocol: { ...p.protocol, [name]: v } },
                )
              }
            />
          );
        })}
      </div>
    </section>
  );
}
