-- Dress books of the wheels, sharpenings of tools, and rounds at the grinder.
create table wheel_entry (like photo including all);
create table sharpening (like photo including all);
create table sharpening_round (like photo including all);

alter table wheel_entry
  add foreign key (shop_id) references shop,
  add column wheel_id uuid not null generated always as ((body ->> 'wheelId')::uuid) stored,
  add foreign key (shop_id, wheel_id) references supply;
create index wheel_entry_wheel on wheel_entry (shop_id, wheel_id);

alter table sharpening
  add foreign key (shop_id) references shop,
  add column tool_id uuid generated always as ((body ->> 'toolId')::uuid) stored,
  add column wheel_id uuid generated always as ((body ->> 'wheelId')::uuid) stored,
  add foreign key (shop_id, tool_id) references tool,
  add foreign key (shop_id, wheel_id) references supply;
create index sharpening_tool on sharpening (shop_id, tool_id);
create index sharpening_wheel on sharpening (shop_id, wheel_id);

alter table sharpening_round add foreign key (shop_id) references shop;

do $$
declare
  name text;
begin
  foreach name in array array['wheel_entry', 'sharpening', 'sharpening_round'] loop
    execute format('alter table %I enable row level security', name);
    execute format('create policy own_shop on %I using (shop_id = (select current_shop())) with check (shop_id = (select current_shop()))', name);
    execute format('grant select, insert, update on %I to pike_app', name);
  end loop;
end $$;
