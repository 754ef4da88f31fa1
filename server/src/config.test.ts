import { describe, expect, test } from '@jest/globals';
import { readConfig } from './config';

describe('the server’s settings', () => {
  const url = 'postgresql://app@127.0.0.1:5432/app';
  test('are sensible when only the database is named', () => {
    expect(readConfig({ DATABASE_URL: url })).toEqual({
      DATABASE_URL: url,
      PORT: 4730,
      HOST: '127.0.0.1',
      LOG_LEVEL: 'info',
    });
  });
  test.each([
    [{}, /DATABASE_URL/],
    [{ DATABASE_URL: url, PORT: 'many' }, /PORT/],
    [{ DATABASE_URL: url, PORT: '70000' }, /PORT/],
    [{ DATABASE_URL: url, LOG_LEVEL: 'loud' }, /LOG_LEVEL/],
  ])('that are wrong are named: %j', (env, named) => {
    expect(() => readConfig(env)).toThrow(named);
  });
});
