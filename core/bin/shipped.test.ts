import { describe, expect, test } from '@jest/globals';
import { readFileSync, readdirSync } from 'node:fs';
import { z } from 'zod';
import { DEMO_PLANS, planShape, readPlan, writePlan } from '../src/index';
import { KINDS } from '../src/stages/ways/plan/kinds';
import { withTables } from './rulesTables';

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
  test('the plan format names every kind of gate and door with its own fields', () => {
    const page = file('docs/plan-format.md');
    for (const [id, { schema }] of Object.entries(KINDS)) {
      const line = new RegExp(`^- \`${id}\`, .*$`, 'm').exec(page)?.[0] ?? '';
      const told = [...line.matchAll(/`([\w-]+)`/g)].map(([, name]) => name);
      const fields = Object.keys(schema.shape).filter((f) => !['id', 'kind', 'side', 'along'].includes(f));
      expect(told).toEqual([id, ...fields]);
    }
  });
  test('the tables of the rules are those that are reckoned by', () => {
    expect(withTables(file('docs/rules.md'))).toBe(file('docs/rules.md'));
  });
  test('every rule that the code names is a section of the rules', () => {
    const sections = new Set([...file('docs/rules.md').matchAll(/^## (.*)$/gm)].map(([, head]) => head));
    const sources = ['core/src', 'web/src', 'server/src'].flatMap((root) =>
      readdirSync(root, { recursive: true, encoding: 'utf8' })
        .filter((name) => /\.tsx?$/.test(name))
        .map((name) => `${root}/${name}`),
    );
    const named = sources.flatMap((source) =>
      [...file(source).matchAll(/\brules: ([A-Z][\w ]*)/g)].map(
        ([, name = '']) => [source, name.trim()] as const,
      ),
    );
    expect(named.length).toBeGreaterThan(40);
    expect(named.filter(([, name]) => !sections.has(name))).toEqual([]);
  });
});
