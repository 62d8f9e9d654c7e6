import { powerBySimulation } from '@bright-sprout/core/power/simulatedPower';
import { speciesById } from '@bright-sprout/core/seeds/catalogue';
import { type PowerAnswerMessage, type PowerQuestion } from './powerQuestion';

const SEED = 20;
const CLASSES = 100;

onmessage = ({ data }: MessageEvent<PowerQuestion>) => {
  const { room, calendar, speciesId, ...plan } = data;
  const answer = powerBySimulation({ ...plan, species: speciesById(speciesId)!, temperature: { room, calendar } }, SEED, CLASSES);
  const percent = (share: number) => `${Math.round(100 * share)} %`;
  const words = !answer.ok
    ? answer.reason
    : answer.smallest === null
      ? 'not even three quarters in height: have more containers'
      : `about ${percent(answer.smallest)} in height${answer.byT === null ? '' : ` (by the t formula ${percent(answer.byT)})`}`;
  postMessage({ words } satisfies PowerAnswerMessage);
};
