import { say } from '@bright-sprout/words/say';
import { powerBySimulation } from '@bright-sprout/core/power/simulatedPower';
import { speciesById } from '@bright-sprout/core/seeds/catalogue';
import { type PowerAnswerMessage, type PowerQuestion } from './powerQuestion';
import { onceWorded } from '../words/wordsInWorker';

const SEED = 20;
const CLASSES = 100;

onmessage = onceWorded(({ data }: MessageEvent<PowerQuestion>) => {
  const { room, calendar, speciesId, ...plan } = data;
  const answer = powerBySimulation({ ...plan, species: speciesById(speciesId)!, temperature: { room, calendar } }, SEED, CLASSES);
  const percent = (share: number) => `${Math.round(100 * share)} %`;
  const words = !answer.ok
    ? answer.reason
    : answer.smallest === null
      ? say('power.evenThreeQuartersHeight')
      : say('power.aboutHeightTFormula', {
          smallest: percent(answer.smallest),
          byT: answer.byT && percent(answer.byT),
          noByT: answer.byT === null,
        });
  postMessage({ words } satisfies PowerAnswerMessage);
});
