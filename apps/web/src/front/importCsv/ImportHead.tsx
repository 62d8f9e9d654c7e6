import { type ClassView } from '@bright-sprout/contracts/classes';
import { type ReactNode } from 'react';
import { Link } from 'react-router';
import { PageHead } from '../../page/PageHead';

export function ImportHead({ group, next }: { group: ClassView; next?: ReactNode }) {
  return (
    <PageHead
      tag={
        <Link className="group-tag" to={`/classes/${group.id}`}>
          {group.name}
        </Link>
      }
      title="Bring in records"
      next={next}
    />
  );
}
