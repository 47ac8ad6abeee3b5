-- Every table carries its shop. The application connects as pike_app, which owns
-- nothing; row-level security shows it only the shop named by pike.shop.

create table shop (
  shop_id    uuid primary key,
  name       text not null check (length(name) between 1 and 60),
  created_at timestamptz not null default now()
);

create table session (
  shop_id    uuid not null references shop,
  token_hash bytea primary key,
  created_at timestamptz not null default now(),
  expires_at timestamptz not null
);
create index session_shop on session (shop_id);

create table machine (
  shop_id    uuid not null references shop,
  id         uuid not null,
  version    integer not null check (version > 0),
  archived   boolean not null default false,
  body       jsonb not null,
  created_at timestamptz not null default now(),
  updated_at timestamptz not null default now(),
  primary key (shop_id, id)
);
create table metal (like machine including all);
alter table metal add foreign key (shop_id) references shop;

-- A piece is of a metal of the library, named by its key, or of one of the shop's own, named by its id.
create table stock (like machine including all);
alter table stock
  add foreign key (shop_id) references shop,
  add column metal_id uuid generated always as (case when body ->> 'metal' ~ '^[0-9a-f]{8}-' then (body ->> 'metal')::uuid end) stored,
  add foreign key (shop_id, metal_id) references metal;
create index stock_metal on stock (shop_id, metal_id);

create table tool (like machine including all);
alter table tool add foreign key (shop_id) references shop;
create table shop_rules (like machine including all);
alter table shop_rules add foreign key (shop_id) references shop, add check (id = shop_id);

-- What a cut in the book refers to cannot be deleted, only archived.
create table cut (like machine including all);
alter table cut
  add foreign key (shop_id) references shop,
  add column machine_id uuid not null generated always as ((body ->> 'machineId')::uuid) stored,
  add column stock_id   uuid not null generated always as ((body ->> 'stockId')::uuid) stored,
  add column tool_id    uuid not null generated always as ((body ->> 'toolId')::uuid) stored,
  add foreign key (shop_id, machine_id) references machine,
  add foreign key (shop_id, stock_id) references stock,
  add foreign key (shop_id, tool_id) references tool;
create index cut_machine on cut (shop_id, machine_id);
create index cut_stock on cut (shop_id, stock_id);
create index cut_tool on cut (shop_id, tool_id);

create function current_shop() returns uuid language sql stable
  return nullif(current_setting('pike.shop', true), '')::uuid;

-- A visitor's cookie is looked up before the shop is known.
create function session_shop(hash bytea) returns uuid language sql stable security definer set search_path = public
  return (select shop_id from session where token_hash = hash and expires_at > now());

do $$
declare
  name text;
begin
  foreach name in array array['shop', 'session', 'machine', 'metal', 'stock', 'tool', 'shop_rules', 'cut'] loop
    execute format('alter table %I enable row level security', name);
    execute format('create policy own_shop on %I using (shop_id = (select current_shop())) with check (shop_id = (select current_shop()))', name);
    execute format('grant select on %I to pike_app', name);
  end loop;
  foreach name in array array['session', 'machine', 'metal', 'stock', 'tool', 'shop_rules', 'cut'] loop
    execute format('grant insert on %I to pike_app', name);
  end loop;
  foreach name in array array['machine', 'metal', 'stock', 'tool', 'shop_rules', 'cut'] loop
    execute format('grant update on %I to pike_app', name);
  end loop;
end $$;

revoke all on function session_shop(bytea) from public;
grant execute on function session_shop(bytea) to pike_app;
