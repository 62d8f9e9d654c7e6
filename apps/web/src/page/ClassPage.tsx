import { say } from '@bright-sprout/words/say';
import { type ClassView } from '@bright-sprout/contracts/answers/classes';
import { type ReactNode } from 'react';
import { useParams } from 'react-router';
import { useClass } from '../api/queries';
import { Loaded } from './Notices';

/** A page about the class named in the address, drawn once the class is there. */
export function ClassPage({ children }: { children: (group: ClassView) => ReactNode }) {
  const { id = '' } = useParams();
  const query = useClass(id);
  return (
    <div className="page">
      <Loaded query={query} what={say('common.theClass')}>
        {children}
      </Loaded>
    </div>
  );
}
