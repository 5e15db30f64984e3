import { Link } from 'react-router';
import { Empty } from './ui/states.js';

export function NotFound() {
  return (
    <main>
      <Empty title="There is nothing at this address">
        Go to{' '}
        <Link className="underline" to="/pieces">
          your pieces
        </Link>
        .
      </Empty>
    </main>
  );
}
