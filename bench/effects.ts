/* Effects of all options of a panel on the demo plan, as the worker previews them after an edit; prints one JSON object. */
import { makePreviewer } from '../core/src/index';
import { everyOption } from '../core/src/testing/everyOption';
import { median } from './median';
import { demo, moved } from './moved';

const ROUNDS = 40;
const results: Record<string, number> = {};
/** One for all panels, as in the editor. */
const preview = makePreviewer();
for (const panel of Object.keys(everyOption(demo))) {
  let asked = 0;
  const ready = (i: number) => {
    const plan = moved(i + 1);
    const changes = (everyOption(plan)[panel] ?? [])
      .flatMap((g) => g.options)
      .filter((o) => o.chosen === 'no')
      .map((o) => o.change);
    asked = changes.length;
    return () => changes.forEach((change) => preview(plan, change));
  };
  for (let i = 0; i < ROUNDS / 4; i++) ready(-i - 1)();
  const time = median(ROUNDS, ready);
  results[`effects of the ${asked} options of ${panel}, demo plan, median ms`] = time;
}

/** What the first option of a panel takes after each edit. */
const first = (i: number) => {
  const plan = moved(i + 1000);
  return () => preview(plan, { verb: 'set-spacing', scope: { scope: 'plan' }, spacing: 1.5 + i / 500 });
};
for (let i = 0; i < 40; i++) first(-i - 300)();
results['a preview after an edit, median ms'] = median(100, first);
process.stdout.write(JSON.stringify(results));
