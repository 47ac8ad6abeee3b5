-- Bits that are planned or in hand, and the sessions at the grinder with what was measured.
create table bit (like machine including all);
create table grind (like machine including all);
alter table bit add foreign key (shop_id) references shop;
alter table grind
  add foreign key (shop_id) references shop,
  add column bit_id uuid not null generated always as ((body ->> 'bitId')::uuid) stored,
  add foreign key (shop_id, bit_id) references bit;
create index grind_bit on grind (shop_id, bit_id);

do $$
declare
  name text;
begin
  foreach name in array array['bit', 'grind'] loop
    execute format('alter table %I enable row level security', name);
    execute format('create policy own_shop on %I using (shop_id = (select current_shop())) with check (shop_id = (select current_shop()))', name);
    execute format('grant select, insert, update on %I to pike_app', name);
  end loop;
end $$;
