import { join } from 'node:path';
import pg from 'pg';
import Postgrator from 'postgrator';
import { APP_ROLE, type Config } from '../config';

const canLogIn = async (url: string): Promise<boolean> => {
  const client = new pg.Client({ connectionString: url });
  return client
    .connect()
    .then(() => client.end())
    .then(
      () => true,
      () => false,
    );
};

/**
 * Creates the application's role, which may log in and nothing else.
 * Roles belong to the whole server, not to one database: another Pike Stone
 * beside this one may have made it, or be making it just now.
 */
async function ensureAppRole(client: pg.Client, { appUrl, appPassword }: Config): Promise<void> {
  if (await canLogIn(appUrl)) return;
  const known = await client.query('select 1 from pg_roles where rolname = $1', [APP_ROLE]);
  const verb = known.rowCount === 0 ? 'create' : 'alter';
  try {
    await client.query(
      `${verb} role ${APP_ROLE} login nosuperuser nocreatedb nocreaterole nobypassrls password ${client.escapeLiteral(appPassword)}`,
    );
  } catch (error) {
    if (!(await canLogIn(appUrl))) throw error;
  }
}

/** Runs the migrations that the database lacks. Safe to repeat, also from two processes at once. */
export async function migrate(config: Config): Promise<number> {
  const client = new pg.Client({ connectionString: config.ownerUrl });
  await client.connect();
  try {
    await client.query('select pg_advisory_lock(4747)');
    await ensureAppRole(client, config);
    const applied = await new Postgrator({
      migrationPattern: join(import.meta.dirname, '../../migrations/*.sql'),
      driver: 'pg',
      schemaTable: 'schema_version',
      execQuery: (query) => client.query(query),
    }).migrate();
    return applied.length;
  } finally {
    await client.end();
  }
}
