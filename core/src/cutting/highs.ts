import type { LegacyHighs, LegacyHighsOptions } from 'highs';
import type { Solved, Solver } from './solver';

const STATUS: Readonly<Record<string, Solved['status']>> = { Optimal: 'optimal', Infeasible: 'infeasible' };

/** One seed and no clock: the same program has the same answer on every machine. */
const OPTIONS = { random_seed: 1, log_to_console: false, mip_rel_gap: 0, mip_abs_gap: 1e-4 } as const;
const FIRST = { mip_max_improving_sols: 1 } as const;

/** HiGHS as the solver of cutting; loaded by whoever asks, since it is large. */
export function highsSolver(highs: LegacyHighs): Solver {
  return ({ text, nodes, seeks }) => {
    const options: LegacyHighsOptions = {
      ...OPTIONS,
      ...(seeks === 'any' ? FIRST : {}),
      mip_max_nodes: nodes,
    };
    const { Status, ObjectiveValue, Columns } = highs.solve(text, options);
    const values: Record<string, number> = {};
    if (Status !== 'Infeasible' && Number.isFinite(ObjectiveValue)) {
      const columns: Readonly<Record<string, { readonly Primal?: number }>> = Columns;
      for (const [name, { Primal }] of Object.entries(columns)) {
        if (Primal !== undefined && Primal > 1e-6) values[name] = Primal;
      }
    }
    return Promise.resolve({ status: STATUS[Status] ?? 'stopped', objective: ObjectiveValue, values });
  };
}
