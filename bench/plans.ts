import { readFileSync } from 'node:fs';
import { DEMO_PLANS, type Plan, readPlan, writePlan } from '../core/src/index';

function given(file: string): readonly Plan[] {
  const texts = JSON.parse(readFileSync(file, 'utf8')) as readonly string[];
  return texts.map((text) => {
    const read = readPlan(text);
    if (!read.ok) throw new Error(`a plan of the bench is none: ${JSON.stringify(read.problems[0])}`);
    return read.plan;
  });
}

const { PLANS } = process.env;
/** What is measured: the demo plans, or those of another commit where two are set beside each other. */
export const plans: readonly Plan[] = PLANS ? given(PLANS) : DEMO_PLANS;

// Run by itself it prints them, as files.
if (process.argv[2] === '--print') process.stdout.write(JSON.stringify(DEMO_PLANS.map(writePlan)));
