-- Runs of trials, comparisons of two, and settings that were proven.
create table run (like photo including all);
create table comparison (like photo including all);
create table proven (like photo including all);

do $$
declare
  name text;
  part text;
begin
  foreach name in array array['run', 'comparison', 'proven'] loop
    execute format('alter table %I add foreign key (shop_id) references shop', name);
    execute format('alter table %I enable row level security', name);
    execute format('create policy own_shop on %I using (shop_id = (select current_shop())) with check (shop_id = (select current_shop()))', name);
    execute format('grant select, insert, update on %I to pike_app', name);
  end loop;
  -- Machine, stock and tool of the cut, as the book has them.
  foreach name in array array['run', 'proven'] loop
    foreach part in array array['machine', 'stock', 'tool'] loop
      execute format(
        $sql$alter table %I add column %I uuid not null generated always as ((body #>> '{cut,%s}')::uuid) stored,
          add foreign key (shop_id, %I) references %I$sql$,
        name, part || '_id', part || 'Id', part || '_id', part);
      execute format('create index on %I (shop_id, %I)', name, part || '_id');
    end loop;
  end loop;
  foreach name in array array['a', 'b'] loop
    foreach part in array array['machine', 'stock', 'tool'] loop
      execute format(
        $sql$alter table comparison add column %I uuid not null generated always as ((body #>> '{%s,%s}')::uuid) stored,
          add foreign key (shop_id, %I) references %I$sql$,
        name || '_' || part || '_id', name, part || 'Id', name || '_' || part || '_id', part);
      execute format('create index on comparison (shop_id, %I)', name || '_' || part || '_id');
    end loop;
  end loop;
end $$;

-- A cut may be a trial of a run.
alter table cut
  add column run_id uuid generated always as ((body ->> 'runId')::uuid) stored,
  add foreign key (shop_id, run_id) references run,
  add column operation text not null generated always as (body ->> 'operation') stored,
  add column outcome text not null generated always as (body ->> 'outcome') stored,
  add column taken_at text not null generated always as (body ->> 'takenAt') stored;
create index cut_run on cut (shop_id, run_id, id);

-- Cuts are filtered by several things at once. Cuts that are alike in all of them lie in one cell, and each
-- cell is read by its own part of one index: a list asks the cells that fit for their newest.
create table cut_cell (
  cell_id    bigint generated always as identity primary key,
  shop_id    uuid not null references shop,
  machine_id uuid not null,
  stock_id   uuid not null,
  tool_id    uuid not null,
  operation  text not null,
  outcome    text not null,
  unique (shop_id, machine_id, stock_id, tool_id, operation, outcome)
);
create index cut_cell_stock on cut_cell (shop_id, stock_id);
create index cut_cell_tool on cut_cell (shop_id, tool_id);
alter table cut add column cell_id bigint references cut_cell;

-- Sums that the charts, the learning and the proven settings ask for, kept up with every write: a million cuts
-- are counted once. A cut counts while it is not put away.
create table cut_month (
  shop_id  uuid not null references shop,
  cell_id  bigint not null references cut_cell,
  month    text not null,
  cuts     bigint not null default 0,
  powers   bigint not null default 0,
  power_w  double precision not null default 0,
  primary key (shop_id, cell_id, month)
);
-- Verdicts on speed and feed, by the logarithm of what was set over what the table says, in hundredths.
create table cut_verdict (
  shop_id  uuid not null references shop,
  cell_id  bigint not null references cut_cell,
  month    text not null,
  quantity text not null check (quantity in ('speed', 'feed')),
  ln_ratio smallint not null,
  verdict  text not null check (verdict in ('too-slow', 'right', 'too-fast')),
  cuts     bigint not null default 0,
  primary key (shop_id, cell_id, month, quantity, ln_ratio, verdict)
);
-- How often a setting was taken, and when last.
create table cut_setting (
  shop_id  uuid not null references shop,
  cell_id  bigint not null references cut_cell,
  rpm      real not null,
  feed     real not null,
  depth    real not null,
  cuts     bigint not null default 0,
  last_at  text not null,
  primary key (shop_id, cell_id, rpm, feed, depth)
);
-- Signs of each cut, to find cuts by what was seen.
create table cut_sign (
  shop_id  uuid not null references shop,
  sign     text not null,
  cell_id  bigint not null references cut_cell,
  taken_at text not null,
  cut_id   uuid not null,
  primary key (shop_id, sign, cell_id, taken_at, cut_id)
);
create index cut_sign_cut on cut_sign (shop_id, cut_id);
create index cut_sign_time on cut_sign (shop_id, sign, taken_at, cut_id);

do $$
declare
  name text;
begin
  foreach name in array array['cut_cell', 'cut_month', 'cut_verdict', 'cut_setting', 'cut_sign'] loop
    execute format('alter table %I enable row level security', name);
    execute format('create policy own_shop on %I using (shop_id = (select current_shop())) with check (shop_id = (select current_shop()))', name);
    execute format('grant select on %I to pike_app', name);
  end loop;
end $$;

create function cell_of(shop uuid, machine uuid, stock uuid, tool uuid, op text, went text)
  returns bigint language plpgsql security definer set search_path = public
  as $$
declare
  found bigint;
begin
  select cell_id into found from cut_cell
  where shop_id = shop and machine_id = machine and stock_id = stock and tool_id = tool
    and operation = op and outcome = went;
  if found is null then
    insert into cut_cell (shop_id, machine_id, stock_id, tool_id, operation, outcome)
    values (shop, machine, stock, tool, op, went)
    on conflict (shop_id, machine_id, stock_id, tool_id, operation, outcome) do update set outcome = excluded.outcome
    returning cell_id into found;
  end if;
  return found;
end $$;
revoke all on function cell_of(uuid, uuid, uuid, uuid, text, text) from public;
grant execute on function cell_of(uuid, uuid, uuid, uuid, text, text) to pike_app;

create function put_in_cell() returns trigger language plpgsql security definer set search_path = public
  as $$
begin
  new.cell_id := cell_of(new.shop_id, (new.body ->> 'machineId')::uuid, (new.body ->> 'stockId')::uuid,
    (new.body ->> 'toolId')::uuid, new.body ->> 'operation', new.body ->> 'outcome');
  return new;
end $$;
create trigger cut_in_cell before insert or update of body on cut
  for each row execute function put_in_cell();

-- What a cut said of a quantity: what was noted, else right where it worked.
create function verdict_of(body jsonb, quantity text) returns text language sql immutable
  return case
    when body ? (quantity || 'Was') then body ->> (quantity || 'Was')
    when body ->> 'outcome' = 'worked' then 'right'
  end;
-- Logarithm of the set value over the table's, in hundredths, no further than the grid of the factor.
create function ln_ratio_of(body jsonb, quantity text) returns smallint language sql immutable
  return greatest(-160, least(160, round(100 * ln(case quantity
    when 'speed' then (body #>> '{set,rpm}')::double precision * pi() * (body ->> 'diameterMm')::double precision / 1000
      / coalesce((body #>> '{planned,tableMPerMin}')::double precision, (body #>> '{planned,aimMPerMin}')::double precision)
    else (body #>> '{set,feedMmRev}')::double precision
      / coalesce((body #>> '{planned,tableFeedMmRev}')::double precision, (body #>> '{planned,feedMmRev}')::double precision)
  end))))::smallint;

-- Counts the cuts that a statement has written, all at once: those as they are now are added, those as they were
-- before are taken away. A cut that is put away does not count.
create function count_cuts() returns trigger language plpgsql security definer set search_path = public
  as $$
declare
  now_there constant text := 'select *, 1 as by from new_rows where not archived';
  written constant text := case tg_op
    when 'INSERT' then now_there
    else now_there || ' union all select *, -1 as by from old_rows where not archived and cell_id is not null'
  end;
begin
  execute 'insert into cut_month as m (shop_id, cell_id, month, cuts, powers, power_w)
    select shop_id, cell_id, left(taken_at, 7), sum(by),
      coalesce(sum(by) filter (where body #> ''{measured,netPowerW}'' is not null), 0),
      coalesce(sum(by * (body #>> ''{measured,netPowerW}'')::double precision), 0)
    from (' || written || ') as one group by 1, 2, 3
    on conflict (shop_id, cell_id, month) do update
    set cuts = m.cuts + excluded.cuts, powers = m.powers + excluded.powers, power_w = m.power_w + excluded.power_w';
  execute 'insert into cut_verdict as v (shop_id, cell_id, month, quantity, ln_ratio, verdict, cuts)
    select shop_id, cell_id, left(taken_at, 7), quantity, ln_ratio_of(body, quantity), verdict_of(body, quantity), sum(by)
    from (' || written || ') as one, unnest(array[''speed'', ''feed'']) as quantity
    where verdict_of(body, quantity) is not null group by 1, 2, 3, 4, 5, 6
    on conflict (shop_id, cell_id, month, quantity, ln_ratio, verdict) do update set cuts = v.cuts + excluded.cuts';
  execute 'insert into cut_setting as s (shop_id, cell_id, rpm, feed, depth, cuts, last_at)
    select shop_id, cell_id, (body #>> ''{set,rpm}'')::real, (body #>> ''{set,feedMmRev}'')::real,
      (body #>> ''{set,depthMm}'')::real, sum(by), max(taken_at)
    from (' || written || ') as one group by 1, 2, 3, 4, 5
    on conflict (shop_id, cell_id, rpm, feed, depth) do update
    set cuts = s.cuts + excluded.cuts, last_at = greatest(s.last_at, excluded.last_at)';
  if tg_op = 'UPDATE' then
    delete from cut_sign s using old_rows o where s.shop_id = o.shop_id and s.cut_id = o.id;
  end if;
  insert into cut_sign (shop_id, sign, cell_id, taken_at, cut_id)
  select distinct shop_id, sign, cell_id, taken_at, id
  from new_rows, jsonb_array_elements_text(case when jsonb_typeof(body -> 'signs') = 'array' then body -> 'signs' else '[]' end) as sign
  where not archived;
  return null;
end $$;
create trigger cuts_added after insert on cut
  referencing new table as new_rows for each statement execute function count_cuts();
create trigger cuts_changed after update on cut
  referencing old table as old_rows new table as new_rows for each statement execute function count_cuts();

-- Cuts that are there already are put into their cells, and so counted: one that was in none was not counted before.
update cut set cell_id = cell_of(shop_id, machine_id, stock_id, tool_id, operation, outcome);
alter table cut alter column cell_id set not null;

create index cut_cell_time on cut (shop_id, cell_id, taken_at, id);
create index cut_time on cut (shop_id, taken_at, id);
create index cut_machine_time on cut (shop_id, machine_id, taken_at, id);
create index cut_stock_time on cut (shop_id, stock_id, taken_at, id);
create index cut_tool_time on cut (shop_id, tool_id, taken_at, id);
create index cut_operation_time on cut (shop_id, operation, taken_at, id);
create index cut_outcome_time on cut (shop_id, outcome, taken_at, id);
drop index cut_machine, cut_stock, cut_tool;
