import { describe, expect, test } from '@jest/globals';
import { readFileSync } from 'node:fs';
import { z } from 'zod';
import { DEMO_PLANS, planShape, readPlan, writePlan } from '../src/index';

const file = (path: string) => readFileSync(`${process.cwd()}/${path}`, 'utf8');

describe('what ships is what the code makes', () => {
  test('the demo files are the demo plans', () => {
    for (const plan of DEMO_PLANS) expect(file(`demo/${plan.id}.json`)).toBe(writePlan(plan));
  });
  test('the JSON Schema is made from the schema that checks files', () => {
    const made = { title: 'Aviarum plan', ...z.toJSONSchema(planShape, { io: 'input' }) };
    expect(JSON.parse(file('docs/plan.schema.json'))).toEqual(JSON.parse(JSON.stringify(made)));
  });
  test('the annotated example of the documentation is a plan', () => {
    const example = /```jsonc\n([\s\S]*?)\n```/.exec(file('docs/plan-format.md'))?.[1] ?? '';
    const bare = example.replace(/ \/\/ .*$/gm, '');
    const read = readPlan(bare);
    expect(read.ok ? [] : read.problems).toEqual([]);
  });
});
