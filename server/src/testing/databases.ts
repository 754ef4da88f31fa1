/* Databases of a test run: `template` makes the migrated one that every API test file copies, `copy` one more, `drop` takes one away. */
import { connect, migrate } from '../store/database';

const { TEST_DATABASE_URL: admin = '', TEST_TEMPLATE: template = '', TEST_NAME: name = '' } = process.env;
const action = process.argv[2];
for (const plain of [template, name]) {
  if (!/^[a-z0-9_]+$/.test(plain))
    throw new Error('TEST_TEMPLATE and TEST_NAME must be plain database names');
}
const server = connect(admin);
if (action === 'drop') await server.raw(`drop database if exists ${name} with (force)`);
else if (action === 'copy') await server.raw(`create database ${name} template ${template}`);
else if (action === 'template') {
  await server.raw(`create database ${template}`);
  const url = new URL(admin);
  url.pathname = `/${template}`;
  const db = connect(url.href);
  await migrate(db);
  await db.destroy();
} else throw new Error(`unknown action ${action ?? ''}`);
await server.destroy();
