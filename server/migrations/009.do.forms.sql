-- Form cutters: their form, the tool that carries it, and how far they have come.
create table form_cutter (like photo including all);

alter table form_cutter
  add foreign key (shop_id) references shop,
  add column tool_id uuid generated always as ((body ->> 'toolId')::uuid) stored,
  add foreign key (shop_id, tool_id) references tool,
  add column words tsvector not null generated always as (to_tsvector('simple',
    coalesce(body ->> 'name', '') || ' ' || coalesce(body #>> '{source,kind}', '') || ' '
    || coalesce(body #>> '{tool,kind}', '') || ' ' || coalesce(body ->> 'note', ''))) stored,
  add column name text collate by_name not null generated always as (coalesce(body ->> 'name', '')) stored;
create index form_cutter_tool on form_cutter (shop_id, tool_id);
create index form_cutter_words on form_cutter using gin (words);
create index form_cutter_name on form_cutter (shop_id, archived, name, id);

alter table form_cutter enable row level security;
create policy own_shop on form_cutter
  using (shop_id = (select current_shop())) with check (shop_id = (select current_shop()));
grant select, insert, update on form_cutter to pike_app;
