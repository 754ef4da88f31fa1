import type { Plan } from '@aviarum/core';
import type { ReactNode } from 'react';
import { Link } from '../pages/Link';

interface Props {
  readonly plan: Plan;
  /** Where the plan's sheet is. */
  readonly back: string;
  readonly leaf: string;
  readonly children?: ReactNode;
}

/** The head of a leaf that is taken along: what plan it is of, and back to it. Not printed. */
export const LeafTop = ({ plan, back, leaf, children }: Props) => (
  <header className="topbar noprint">
    <Link to="/" className="wordmark">
      AVIARUM
    </Link>
    <div className="crumbs">
      <Link to={back}>
        <b>{plan.name}</b>
      </Link>{' '}
      / {leaf}
    </div>
    {children}
  </header>
);
