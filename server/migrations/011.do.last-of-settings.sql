-- When a setting was taken last: where its last cut is changed or put away, that of the cuts which are left.
create function last_of_settings() returns trigger language plpgsql security definer set search_path = public
  as $$
begin
  update cut_setting s set last_at = remaining.taken_at
  from (
      select distinct k.shop_id, k.cell_id, k.rpm, k.feed, k.depth
      from old_rows o join cut_setting k on k.shop_id = o.shop_id and k.cell_id = o.cell_id and k.last_at = o.taken_at
        and k.rpm = (o.body #>> '{set,rpm}')::real and k.feed = (o.body #>> '{set,feedMmRev}')::real
        and k.depth = (o.body #>> '{set,depthMm}')::real
      where not o.archived
    ) as gone,
    lateral (
      select c.taken_at from cut c
      where c.shop_id = gone.shop_id and c.cell_id = gone.cell_id and not c.archived
        and (c.body #>> '{set,rpm}')::real = gone.rpm and (c.body #>> '{set,feedMmRev}')::real = gone.feed
        and (c.body #>> '{set,depthMm}')::real = gone.depth
      order by c.taken_at desc limit 1
    ) as remaining
  where s.shop_id = gone.shop_id and s.cell_id = gone.cell_id and s.rpm = gone.rpm and s.feed = gone.feed
    and s.depth = gone.depth and s.last_at <> remaining.taken_at;
  return null;
end $$;
-- Triggers of a statement go by their names: this one comes after the counting.
create trigger cuts_changed_last after update on cut
  referencing old table as old_rows for each statement execute function last_of_settings();

update cut_setting s set last_at = found.last_at
from (
  select shop_id, cell_id, (body #>> '{set,rpm}')::real as rpm, (body #>> '{set,feedMmRev}')::real as feed,
    (body #>> '{set,depthMm}')::real as depth, max(taken_at) as last_at
  from cut where not archived group by 1, 2, 3, 4, 5
) as found
where s.shop_id = found.shop_id and s.cell_id = found.cell_id and s.rpm = found.rpm and s.feed = found.feed
  and s.depth = found.depth and s.last_at <> found.last_at;
