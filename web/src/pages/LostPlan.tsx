import { useEffect, useState } from 'react';
import { FoundWork } from '../shell/FoundWork';
import { useSaving } from '../state/saving';
import { unsentOf } from '../state/unsent';
import { Trouble } from './Trouble';

/** A plan that cannot be opened, with what this device still holds of it. */
export function LostPlan({ error, holding, planId }: { error: unknown; holding: string; planId: string }) {
  const others = useSaving((s) => s.others);
  const [looked, setLooked] = useState(false);
  useEffect(() => {
    let current = true;
    void unsentOf(holding, planId).then((found) => {
      if (!current) return;
      useSaving.setState({ others: found });
      setLooked(true);
    });
    return () => {
      current = false;
    };
  }, [holding, planId]);
  return (
    <Trouble error={error} back={`/h/${holding}`}>
      {looked && others.map((kept) => <FoundWork key={kept.key} holding={holding} kept={kept} />)}
    </Trouble>
  );
}
