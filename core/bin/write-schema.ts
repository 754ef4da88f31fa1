/* Writes the JSON Schema of plan files, made from the schema that checks them. */
import { writeFileSync } from 'node:fs';
import { z } from 'zod';
import { planShape } from '../src/index';

const schema = { title: 'Aviarum plan', ...z.toJSONSchema(planShape, { io: 'input' }) };
writeFileSync(
  new URL('../../docs/plan.schema.json', import.meta.url),
  `${JSON.stringify(schema, null, 2)}\n`,
);
