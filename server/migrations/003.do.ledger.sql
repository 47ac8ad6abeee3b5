-- Boxes of inserts, blanks, holders, wheels and stones.
create table supply (like machine including all);
alter table supply add foreign key (shop_id) references shop;

-- A picture of a tool or a store, under the id of what it shows.
create table photo (like machine including all);
alter table photo add foreign key (shop_id) references shop;

-- The ledger of the drawer: every edge used, bit ground and box bought is an entry, the
-- stock is their sum. Entries are added and never changed: there is no right to update them.
create table ledger_entry (like machine including all);
alter table ledger_entry
  add foreign key (shop_id) references shop,
  add check (version = 1 and not archived),
  add column item_of   text not null generated always as (body ->> 'of') stored,
  add column tool_id   uuid generated always as (case when body ->> 'of' = 'tools' then (body ->> 'itemId')::uuid end) stored,
  add column supply_id uuid generated always as (case when body ->> 'of' = 'supplies' then (body ->> 'itemId')::uuid end) stored,
  add column edges     integer not null generated always as ((body ->> 'edges')::integer) stored,
  add column length_mm double precision not null generated always as ((body ->> 'lengthMm')::double precision) stored,
  add column mass_g    double precision not null generated always as ((body ->> 'massG')::double precision) stored,
  add column cost      double precision not null generated always as ((body ->> 'cost')::double precision) stored,
  add foreign key (shop_id, tool_id) references tool,
  add foreign key (shop_id, supply_id) references supply;
create index ledger_tool on ledger_entry (shop_id, tool_id);
create index ledger_supply on ledger_entry (shop_id, supply_id);

do $$
declare
  name text;
begin
  foreach name in array array['supply', 'photo', 'ledger_entry'] loop
    execute format('alter table %I enable row level security', name);
    execute format('create policy own_shop on %I using (shop_id = (select current_shop())) with check (shop_id = (select current_shop()))', name);
    execute format('grant select, insert on %I to pike_app', name);
  end loop;
end $$;
grant update on supply, photo to pike_app;
