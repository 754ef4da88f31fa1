import { useQuery } from '@tanstack/react-query';
import { Navigate } from 'react-router';
import { holdings } from '../api/client';
import { lastHolding } from '../drawer/lastHolding';
import { Opening } from './Opening';
import { Trouble } from './Trouble';

/** The keeper's own holding, of several the one that was open last. */
export function HomePage() {
  const { data, error } = useQuery({ queryKey: ['holdings'], queryFn: holdings });
  if (error) return <Trouble error={error} back="/" />;
  const own = data?.find((h) => h.id === lastHolding()) ?? data?.find((h) => !h.example) ?? data?.[0];
  if (!own) return <Opening what="your holding" />;
  return <Navigate to={`/h/${own.id}`} replace />;
}
