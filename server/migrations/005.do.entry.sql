-- Who is in: each session is a device of the shop, with a name, the way it came in and its last use.
alter table session
  add column id uuid not null default gen_random_uuid(),
  add column device text not null default 'A browser' check (length(device) between 1 and 60),
  add column paired boolean not null default false,
  add column last_used_at timestamptz not null default now();
create unique index session_id on session (shop_id, id);
grant update (last_used_at), delete on session to pike_app;

-- A visitor's cookie is looked up before the shop is known. A look writes nothing, so that it works on a full disk.
drop function session_shop(bytea);
create function session_of(hash bytea)
  returns table (shop_id uuid, id uuid, last_used_at timestamptz)
  language sql stable security definer set search_path = public
  as $$ select s.shop_id, s.id, s.last_used_at from session s where s.token_hash = hash and s.expires_at > now() $$;
revoke all on function session_of(bytea) from public;
grant execute on function session_of(bytea) to pike_app;
