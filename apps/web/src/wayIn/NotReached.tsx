import { say } from '@bright-sprout/words/say';
import { Say } from '../words/Say';
/** Said where teams cannot come in: the server listens to its own machine only. */
export function NotReached() {
  return (
    <div className="notice">
      <p className="notice-title">{say('wayIn.otherDeviceOpenYet')}</p>
      <p>
        <Say
          it="wayIn.brightSproutListensComputer"
          code={(inside) => <code>{inside}</code>}
          code2={(inside) => <code>{inside}</code>}
        />
      </p>
    </div>
  );
}
