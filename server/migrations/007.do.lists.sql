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

-- Row-level security lets an index of words be used only by a condition that can leak nothing, and a search
-- for words is none: it would read every cut. So the search is a function of the tables' owner that is
-- confined to the shop of the connection itself.
--
-- The planner takes the beginning of a word for one fiftieth of all cuts, whatever it is, and so chooses
-- wrongly. So both ways are gone in turn: the newest cuts, among which a common word is found often enough,
-- and after them the index of words, which has few of any other.
create function cuts_with_words(query text, before uuid, put_away boolean, most integer)
  returns setof uuid language plpgsql stable security definer set search_path = public
  as $$
declare
  newest constant integer := 8000;
  wanted constant tsquery := to_tsquery('simple', query);
  shop constant uuid := current_shop();
  found uuid[];
begin
  select array_agg(recent.id) into found from (
    select window_of.id from (
      select cut.id, cut.words, cut.archived from cut
      where cut.shop_id = shop and (before is null or cut.id < before)
      order by cut.id desc limit newest
    ) as window_of
    where window_of.words @@ wanted and (put_away is null or window_of.archived = put_away)
    limit most
  ) as recent;
  if cardinality(found) >= most then
    return query select unnest(found);
    return;
  end if;
  return query execute
    'with there as materialized (select id, archived from cut where words @@ $2 and shop_id = $1)
     select id from there where ($3 is null or id < $3) and ($4 is null or archived = $4)
     order by id desc limit $5'
  using shop, wanted, before, put_away, most;
end $$;
revoke all on function cuts_with_words(text, uuid, boolean, integer) from public;
grant execute on function cuts_with_words(text, uuid, boolean, integer) to pike_app;
