import { say } from '@bright-sprout/words/say';
import { type ContainerView } from '@bright-sprout/contracts/answers/investigations';
import { ContainerChoice } from '../../entry/ContainerChoice';

/** Asked once where everybody has a pot of their own at home: the device keeps to it. */
export function WhosePot({
  containers,
  onChoose,
}: {
  containers: readonly ContainerView[];
  /** Null for all of them. */
  onChoose: (code: string | null) => void;
}) {
  return (
    <section className="bench-whose" aria-label={say('bench.potYours')}>
      <h2>{say('bench.potYours')}</h2>
      <p>{say('bench.codeNumberLabelDevice')}</p>
      <ContainerChoice
        label={say('bench.potsTeam')}
        containers={containers}
        onToggle={(id) => onChoose(containers.find((c) => c.id === id)!.code)}
      />
      <button type="button" className="btn" onClick={() => onChoose(null)}>
        {say('bench.lookAfterThem')}
      </button>
    </section>
  );
}
