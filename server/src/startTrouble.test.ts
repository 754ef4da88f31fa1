import { describe, expect, test } from '@jest/globals';
import { startTrouble } from './startTrouble';
import { NewerDatabase, connect, migrate } from './store/database';
import { testApp } from './testing/testApp';
import { withDatabase } from './testing/withDatabase';

const failing = (code: string) => Object.assign(new Error('first line\nstack'), { code });

describe('why nothing was started', () => {
  test.each([
    'ECONNREFUSED',
    'ENOTFOUND',
    'ETIMEDOUT',
    '28P01',
    '28000',
    '3D000',
    '42501',
    '57P03',
    'EADDRINUSE',
    'EACCES',
  ])('%s is one line with what to do', (code) => {
    const line = startTrouble(failing(code));
    expect(line).not.toMatch(/\n|first line/);
    expect(line).toMatch(/[?.]|npm start$/);
  });
  test('anything else is the first line of what was said', () => {
    expect(startTrouble(failing('X0000'))).toBe('first line');
    expect(startTrouble('nonsense')).toMatch(/could not be started/);
  });
  test('a real refusal of the network is told so', async () => {
    const db = connect('postgresql://nobody@127.0.0.1:1/none');
    const error = await migrate(db).catch((e: unknown) => e);
    await db.destroy();
    expect(startTrouble(error)).toContain('refuses connections');
  });
});

withDatabase('a database of a newer Aviarum', () => {
  test('is left alone, and named', async () => {
    const api = await testApp();
    await api
      .db('knex_migrations')
      .insert({ name: '9999_from_the_future', batch: 9, migration_time: new Date() });
    const error = await migrate(api.db).catch((e: unknown) => e);
    expect(error).toBeInstanceOf(NewerDatabase);
    expect(startTrouble(error)).toContain('newer Aviarum (9999_from_the_future)');
    await api.close();
  });
  test('whose changes somebody else is making says who waits', async () => {
    const api = await testApp();
    await api.db('knex_migrations').where({ name: '0004_cards' }).delete();
    await api.db('knex_migrations_lock').update({ is_locked: 1 });
    const error = await migrate(api.db).catch((e: unknown) => e);
    expect(startTrouble(error)).toContain('another start is changing the database');
    await api.close();
  });
});
