import { say } from '@bright-sprout/words/say';
import { type ClassView } from '@bright-sprout/contracts/answers/classes';
import { type ReactNode } from 'react';
import { Link } from 'react-router';
import { PageHead } from '../../page/PageHead';

export function BringInHead({ group, aside, next }: { group: ClassView; aside?: ReactNode; next?: ReactNode }) {
  return (
    <PageHead
      tag={
        <Link className="group-tag" to={`/classes/${group.id}`}>
          {group.name}
        </Link>
      }
      title={say('bringIn.bringRecords')}
      aside={aside}
      next={next}
    />
  );
}
