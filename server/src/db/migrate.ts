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

/** Databases of the server itself that everybody may still enter. */
const OPEN_TO_ALL = `
  select datname as name from pg_database
  where datname in ('postgres', 'template1')
    and (has_database_privilege('public', oid, 'connect') or has_database_privilege('public', oid, 'temporary'))`;

/** Functions that make or write large objects, which nothing of ours uses. */
const LARGE_OBJECTS = `
  select p.oid::regprocedure::text as name from pg_proc p
  where p.pronamespace = 'pg_catalog'::regnamespace
    and p.proname in ('lo_create', 'lo_creat', 'lo_from_bytea', 'lo_import', 'lo_open', 'lo_put', 'lowrite')`;

/**
 * Takes from everybody what the application does not need: other databases, temporary tables, objects of
 * its own and large objects. In a database elsewhere, only what its owner may take, and only in this one.
 */
async function restrict(client: pg.Client, { ownCluster }: Config): Promise<void> {
  const { rows } = await client.query<{ name: string }>('select quote_ident(current_database()) as name');
  const here = rows[0]!.name;
  await client.query(`revoke all on database ${here} from public`);
  await client.query(`grant connect on database ${here} to ${APP_ROLE}`);
  await client.query('revoke create on schema public from public');
  if (!ownCluster) return;
  // Once only: they belong to the whole server, and two that take from them at the same time hinder each other.
  const others = await client.query<{ name: string }>(OPEN_TO_ALL);
  for (const { name } of others.rows)
    await client.query(`revoke connect, temporary on database ${name} from public`);
  const objects = await client.query<{ name: string }>(LARGE_OBJECTS);
  for (const { name } of objects.rows) await client.query(`revoke all on function ${name} from public`);
}

/** Runs the migrations that the database lacks. Safe to repeat, also from two processes at once. */
export async function migrate(config: Config): Promise<number> {
  const client = new pg.Client({ connectionString: config.ownerUrl });
  await client.connect();
  try {
    await client.query('select pg_advisory_lock(4747)');
    await ensureAppRole(client, config);
    await restrict(client, config);
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
