/* Puts the tables of what is reckoned by into docs/rules.md. */
import { readFileSync, writeFileSync } from 'node:fs';
import { withTables } from './rulesTables';

const file = new URL('../../docs/rules.md', import.meta.url);
writeFileSync(file, withTables(readFileSync(file, 'utf8')));
