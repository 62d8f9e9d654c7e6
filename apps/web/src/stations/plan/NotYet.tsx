import { Empty } from '../../page/Notices';

/** Shown where a part has nothing to show yet. */
export function NotYet() {
  return (
    <Empty title="Something is missing before this works out">
      <p>The list beside says what.</p>
    </Empty>
  );
}
