import { type StandingPost } from './shown/stage';
import { type Term, value, product } from '../../working/term';
import { soilFactor } from '../../build/soil';
import { type Assumptions, type Soil } from '../../plan/assumptions';
import { perUnit } from '../../build/rate';

/** Hours to set these posts; those that stand already take none. Soil stretches digging and driving, never the pouring. */
export function postHours(all: readonly StandingPost[], soil: Soil, a: Assumptions): readonly Term[] {
  const rates = { dug: a.hoursPostDug, driven: a.hoursPostDriven, spike: a.hoursPostSpike } as const;
  const counted = (count: number) => value('hours.count', count, 'piece', { of: 'posts' });
  const posts = all.filter((p) => p.standing === null);
  const standing = (['dug', 'driven', 'spike'] as const).map((kind) =>
    product('hours.posts', 'h', { standing: kind }, [
      counted(posts.filter((p) => p.product.standing === kind).length),
      perUnit(rates[kind]),
      soilFactor(soil),
    ]),
  );
  const concrete = product('hours.concrete', 'h', {}, [
    counted(posts.filter((p) => p.setting === 'concrete').length),
    perUnit(a.hoursConcrete),
  ]);
  return [...standing, concrete];
}
