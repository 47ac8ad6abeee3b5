-- Lists are read a page at a time and searched here, not on the device. What is looked for in a record is
-- one column of words: the names and notes of a thing, or the names on the day of a cut with its remark.
-- Words are taken as they are typed ('simple'), because a machinist's words have no good dictionary.
create collation by_name (provider = icu, locale = 'en-u-kn-true-ks-level1', deterministic = false);

do $$
declare
  name text;
begin
  foreach name in array array['machine', 'metal', 'stock', 'tool', 'supply', 'bit'] loop
    execute format(
      $sql$alter table %I
        add column words tsvector not null generated always as (to_tsvector('simple',
          coalesce(body ->> 'name', '') || ' ' || coalesce(body ->> 'kind', '') || ' ' || coalesce(body ->> 'material', '')
          || ' ' || coalesce(body ->> 'metal', '') || ' ' || coalesce(body ->> 'form', '') || ' ' || coalesce(body ->> 'note', ''))) stored,
        add column name text collate by_name not null generated always as (coalesce(body ->> 'name', '')) stored$sql$,
      name);
    execute format('create index on %I using gin (words)', name);
    execute format('create index on %I (shop_id, archived, name, id)', name);
  end loop;
end $$;

alter table cut add column words tsvector not null generated always as (to_tsvector('simple',
  coalesce(body #>> '{names,machine}', '') || ' ' || coalesce(body #>> '{names,stock}', '') || ' '
  || coalesce(body #>> '{names,tool}', '') || ' ' || coalesce(body ->> 'operation', '') || ' '
  || coalesce(body ->> 'outcome', '') || ' ' || coalesce(body ->> 'remark', ''))) stored;
create index on cut using gin (words);
create index on cut (shop_id, archived, id);
-- Cuts lie in the order in which they were made, so this small index finds the blocks of a time.
create index on cut using brin (id) with (pages_per_range = 32, autosummarize = on);

-- Row-level security lets an index of words be used only by a condition that can leak nothing, and a search
-- for words is none: it would read every cut. So the search is a function of the tables' owner that is
-- confined to the shop of the connection itself.
--
-- An index of words gives all cuts that have them, in no order, and the newest fifty are wanted. So the newest
-- thousand are looked at first, and say how often the words come. Words that come often are looked for in the
-- cuts themselves, from the newest on. Of others the index is asked: for the time in which fifty are to be
-- expected, because an id begins with its time, and only when that is too little for all.
create function cuts_with_words(query text, before uuid, put_away boolean, most integer)
  returns setof uuid language plpgsql stable security definer set search_path = public
  as $$
declare
  sample constant integer := 1000;
  often constant integer := 5;
  newest constant integer := 20000;
  wanted constant tsquery := to_tsquery('simple', query);
  shop constant uuid := current_shop();
  until constant uuid := coalesce(before, 'ffffffff-ffff-ffff-ffff-ffffffffffff');
  seen uuid[];
  hits integer;
  found uuid[];
  in_order constant text :=
    'select array_agg(id) from (
       select id from (
         select id, words, archived from cut where shop_id = $1 and id < $3 order by id desc limit $4
       ) as newest
       where words @@ $2 and ($5 is null or archived = $5) limit $6
     ) as found';
  by_words constant text :=
    'with there as materialized (
       select id, archived from cut where words @@ $2 and shop_id = $1 and id < $3 and id >= $4
     )
     select array_agg(id) from (
       select id from there where $5 is null or archived = $5 order by id desc limit $6
     ) as found';
begin
  select array_agg(newest.id),
    array_agg(newest.id) filter (where newest.words @@ wanted and (put_away is null or newest.archived = put_away))
  into seen, found
  from (
    select id, words, archived from cut where shop_id = shop and id < until order by id desc limit sample
  ) as newest;
  hits := coalesce(cardinality(found), 0);
  if hits >= most or coalesce(cardinality(seen), 0) < sample then
    return query select unnest(found[1:most]);
    return;
  end if;
  if hits >= often then
    execute in_order into found using shop, wanted, until, newest, put_away, most;
  elsif hits > 0 then
    execute by_words into found using shop, wanted, until,
      id_at(time_of(seen[sample]) - 2 * most * (time_of(seen[1]) - time_of(seen[sample])) / hits), put_away, most;
  end if;
  if coalesce(cardinality(found), 0) < most then
    execute by_words into found using shop, wanted, until, id_at(0), put_away, most;
  end if;
  return query select unnest(found);
end $$;

-- The milliseconds with which an id of version 7 begins, and the smallest id of such a time.
create function time_of(id uuid) returns bigint language sql immutable
  return ('x' || left(replace(id::text, '-', ''), 12))::bit(48)::bigint;
create function id_at(milliseconds bigint) returns uuid language sql immutable
  return rpad(lpad(to_hex(greatest(milliseconds, 0)), 12, '0'), 32, '0')::uuid;
revoke all on function cuts_with_words(text, uuid, boolean, integer) from public;
grant execute on function cuts_with_words(text, uuid, boolean, integer) to pike_app;
