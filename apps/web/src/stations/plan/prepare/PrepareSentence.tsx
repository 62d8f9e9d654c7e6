import { say } from '@bright-sprout/words/say';
import { Say } from '../../../words/Say';
import { KITCHENS } from './kitchens';
import { type Kitchen } from '@bright-sprout/core/quantities/volume';
import { PictureChoices } from '../ask/panels/PictureChoices';
import { DoseField } from '../ask/panels/VolumeFields';
import { type PartProps } from '../partProps';
import { SparePanel, spareWords } from '../seeds/SparePanel';
import { SentenceWord } from '../SentenceWord';

interface Props extends PartProps {
  kitchen: Kitchen;
  onKitchen: (kitchen: Kitchen) => void;
}

/** What the lists reckon with. */
export function PrepareSentence({ kitchen, onKitchen, ...props }: Props) {
  const { plan, change, problems, readOnly } = props;
  return (
    <div className="asked-as no-print">
      <Say
        it="prepare.wateringSpoonsCups"
        labels={
          <SentenceWord
            name={say('prepare.toSpare')}
            says={spareWords(plan)}
            fields={['sparePercent', 'packetSeeds']}
            problems={problems}
            readOnly={readOnly}
          >
            <SparePanel {...props} />
          </SentenceWord>
        }
        watering={
          <SentenceWord
            name={say('prepare.oneWatering')}
            says={say('prepare.dose', { ml: plan.doseMl })}
            fields={['doseMl']}
            problems={problems}
            readOnly={readOnly}
          >
            <DoseField plan={plan} change={change} problems={problems} />
          </SentenceWord>
        }
        spoons={
          <SentenceWord
            name={say('prepare.spoonsCups')}
            says={KITCHENS[kitchen].name}
            fields={[]}
            problems={problems}
            readOnly={false}
          >
            <PictureChoices
              label={say('prepare.spoonsCups')}
              value={kitchen}
              choices={(Object.keys(KITCHENS) as Kitchen[]).map((value) => ({ value, ...KITCHENS[value] }))}
              onChoose={onKitchen}
            />
          </SentenceWord>
        }
      />
    </div>
  );
}
