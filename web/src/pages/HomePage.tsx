import { useQuery } from '@tanstack/react-query';
import { Navigate } from 'react-router';
import { holdings } from '../api/client';
import { Trouble } from './Trouble';

/** The keeper's own holding first. */
export function HomePage() {
  const { data, error } = useQuery({ queryKey: ['holdings'], queryFn: holdings });
  if (error) return <Trouble error={error} back="/" />;
  const own = data?.find((h) => !h.example) ?? data?.[0];
  if (!own) return <p className="page soft">Opening …</p>;
  return <Navigate to={`/h/${own.id}`} replace />;
}
