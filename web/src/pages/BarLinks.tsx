import type { Holding } from '@aviarum/core';
import { useQuery } from '@tanstack/react-query';
import { Link } from 'react-router';
import { holdings } from '../api/client';

const named = ({ name, example }: Holding) => (example ? `Look round ${name}, the example` : name);

/** The other holdings, and the shed of this one. */
export function BarLinks({ holding }: { holding: string }) {
  const all = useQuery({ queryKey: ['holdings'], queryFn: holdings });
  return (
    <>
      {all.data
        ?.filter((h) => h.id !== holding)
        .slice(0, 3)
        .map((h) => (
          <Link key={h.id} to={`/h/${h.id}`}>
            {named(h)}
          </Link>
        ))}
      <Link to={`/h/${holding}/stock`}>Shed and prices</Link>
    </>
  );
}
