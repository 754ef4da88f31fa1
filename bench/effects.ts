/* Effects of all options, panel by panel, after each edit of the demo plan, as the worker previews them; prints one JSON object. */
import { type Plan, makePreviewer } from '../core/src/index';
import { everyOption } from '../core/src/testing/everyOption';
import { moved } from './moved';

const ROUNDS = 40;
const WARM = 10;
/** One for all panels and edits, as in the editor. */
const preview = makePreviewer();
const times = new Map<string, number[]>();
const note = (name: string, run: () => void, round: number) => {
  const began = performance.now();
  run();
  if (round >= WARM) times.set(name, [...(times.get(name) ?? []), performance.now() - began]);
};

for (let round = 0; round < WARM + ROUNDS; round++) {
  const plan: Plan = moved(round + 1);
  const spacing = 1.5 + round / 500;
  note(
    'a preview after an edit, median ms',
    () => void preview(plan, { verb: 'set-spacing', scope: { scope: 'plan' }, spacing }),
    round,
  );
  for (const [panel, groups] of Object.entries(everyOption(plan))) {
    const changes = groups
      .flatMap((g) => g.options)
      .filter((o) => !o.chosen)
      .map((o) => o.change);
    const name = `effects of the ${changes.length} options of ${panel}, demo plan, median ms`;
    note(name, () => changes.forEach((change) => preview(plan, change)), round);
  }
}
const medians = [...times].map(([name, all]) => {
  const rising = [...all].sort((a, b) => a - b);
  return [name, rising[Math.floor(rising.length / 2)] ?? NaN] as const;
});
process.stdout.write(JSON.stringify(Object.fromEntries(medians)));
