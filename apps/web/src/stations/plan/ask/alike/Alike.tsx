import { say } from '@bright-sprout/words/say';
import { methodById } from '@bright-sprout/core/seeds/catalogue';
import { WordPanel } from '../../../../page/WordPanel';
import { type PartProps } from '../../partProps';
import { careThings } from './careThings';
import { classThings } from './classThings';
import { soilThings } from './soilThings';
import './alike.scss';

/** What is alike for all: each thing with its picture, and behind it the choices that this plan raises. */
export function Alike(props: PartProps) {
  const method = methodById(props.plan.methodId);
  if (!method) return null;
  const things = [...soilThings(props, method), ...careThings(props, method), ...classThings(props)];
  return (
    <section className="section alike" aria-label={say('plannerAsk.alikeForAll')}>
      <h2>{say('plannerAsk.alikeForAll')}</h2>
      <div className="alike-things">
        {things.map((thing) => (
          <WordPanel
            key={thing.key}
            name={`${thing.says}, ${thing.more}`}
            className="alike-thing"
            disabled={props.readOnly}
            wide={thing.wide}
            wrong={props.problems.some((p) => thing.fields.includes(p.field))}
            word={
              <>
                {thing.glyph}
                <span>
                  <b>{thing.says}</b>
                  <span className="second">{thing.more}</span>
                </span>
              </>
            }
          >
            {thing.panel}
          </WordPanel>
        ))}
      </div>
    </section>
  );
}
