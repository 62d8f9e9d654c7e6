import { type ContainerView } from '@bright-sprout/contracts/investigations';
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
    <section className="bench-whose" aria-label="Which pot is yours?">
      <h2>Which pot is yours?</h2>
      <p>Its code and your number are on the label. This device keeps to it.</p>
      <ContainerChoice
        label="Pots of the team"
        containers={containers}
        onToggle={(id) => onChoose(containers.find((c) => c.id === id)!.code)}
      />
      <button type="button" className="btn" onClick={() => onChoose(null)}>
        We look after all of them
      </button>
    </section>
  );
}
