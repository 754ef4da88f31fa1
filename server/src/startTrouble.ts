import { NewerDatabase } from './store/database';
import { thrown } from './thrown';

/** By SQLSTATE or system error: what a keeper can do about a server that does not start. */
const LINES: Readonly<Record<string, string>> = {
  ECONNREFUSED: 'the database refuses connections. Is it running, and is the port in DATABASE_URL right?',
  ENOENT: 'the database’s socket is not there. Is it running, and is DATABASE_URL right?',
  ENOTFOUND: 'the database’s host is not known. Check the name in DATABASE_URL.',
  EAI_AGAIN: 'the database’s host cannot be looked up. Check the name in DATABASE_URL and the network.',
  ETIMEDOUT: 'the database does not answer. Check the address in DATABASE_URL and the network.',
  ECONNRESET: 'the database ended the connection at once. Look into its log.',
  '28P01': 'the database does not take the password. Check DATABASE_URL.',
  '28000': 'the database does not let this user in. Check the user in DATABASE_URL.',
  '3D000': 'there is no such database. Make it, or check the name at the end of DATABASE_URL.',
  '42501': 'the database user may not make tables. Give it the right to, or choose another in DATABASE_URL.',
  '53300': 'the database has no connection left. End some, or let it have more.',
  '57P03': 'the database is still starting. Wait a moment and start again.',
  EADDRINUSE: 'the port is in use. Choose another: PORT=4731 npm start',
  EACCES: 'the port may not be used by this user. Choose one over 1024: PORT=4730 npm start',
  EADDRNOTAVAIL: 'this machine does not have the address in HOST. Use 0.0.0.0 for all of its addresses.',
};

/** Why the server does not start, in one line with what to do. */
export function startTrouble(error: unknown): string {
  const trouble = thrown(error);
  if (!trouble) return 'the server could not be started.';
  const { code, name, message } = trouble;
  if (error instanceof NewerDatabase)
    return `the database was written by a newer Aviarum (${error.message}). Start that version, or use another database.`;
  if (Object.hasOwn(LINES, code)) return LINES[code] ?? message;
  if (name === 'MigrationLocked' || /migration table is already locked/i.test(message))
    return 'another start is changing the database, or was ended while it did. Wait; if nobody is at it, run: delete from knex_migrations_lock;';
  if (name === 'KnexTimeoutError' || /timeout/i.test(message))
    return 'the database does not answer. Check the address in DATABASE_URL and the network.';
  return message.split('\n')[0] ?? 'the server could not be started.';
}
