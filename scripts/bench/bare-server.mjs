// Express and pg with nothing around them: what the API is measured against.
import express from 'express';
import pg from 'pg';

const pool = new pg.Pool({ connectionString: process.env.BARE_DATABASE_URL, max: 10 });
const server = express();
server.use(express.json());
server.get('/bare', async (_request, response) => {
  const { rows } = await pool.query({
    name: 'list',
    text: 'select id, version, archived, updated_at, body from tool order by id desc limit 2000',
  });
  response.json({ records: rows });
});
server.put('/bare/:id', async (request, response) => {
  const { rows } = await pool.query({
    name: 'write',
    text: `insert into tool (shop_id, id, version, body) values ($1, $2, 1, $3)
           on conflict (shop_id, id) do update set version = tool.version + 1, body = excluded.body, updated_at = now() returning id, version, archived, updated_at, body`,
    values: [process.env.BARE_SHOP, request.params.id, JSON.stringify(request.body.body)],
  });
  response.json(rows[0]);
});
const listener = server.listen(0, '127.0.0.1', () => process.send({ port: listener.address().port }));
process.on('disconnect', () => process.exit(0));
