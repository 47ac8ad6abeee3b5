-- An id may be written in capitals; pages compare ids as text, so all are kept in small letters from here on.
create function with_small_id(body jsonb, variadic path text[]) returns jsonb language sql immutable
  return case
    when body #>> path ~* '^[0-9a-f]{8}-[0-9a-f]{4}-[0-9a-f]{4}-[0-9a-f]{4}-[0-9a-f]{12}$'
    then jsonb_set(body, path, to_jsonb(lower(body #>> path)))
    else body
  end;

update cut set body = with_small_id(with_small_id(with_small_id(body, 'machineId'), 'stockId'), 'toolId')
where body ->> 'machineId' ~ '[A-F]' or body ->> 'stockId' ~ '[A-F]' or body ->> 'toolId' ~ '[A-F]';
update ledger_entry set body = with_small_id(body, 'itemId') where body ->> 'itemId' ~ '[A-F]';
update grind set body = with_small_id(body, 'bitId') where body ->> 'bitId' ~ '[A-F]';
update bit set body = with_small_id(with_small_id(body, 'toolId'), 'blankId')
where body ->> 'toolId' ~ '[A-F]' or body ->> 'blankId' ~ '[A-F]';
update tool set body = with_small_id(body, 'boxId') where body ->> 'boxId' ~ '[A-F]';

-- A metal in capitals slipped the reference to the shop's metals. Where it is no metal of the shop, the piece
-- becomes one of an uncertain metal: a mild steel, until somebody says better.
update stock
set body = case
  when exists (
    select from metal
    where metal.shop_id = stock.shop_id and metal.id::text = lower(stock.body ->> 'metal')
  ) then with_small_id(body, 'metal')
  else body || '{"metal": "low-carbon-cold-drawn", "uncertain": true}'
end
where body ->> 'metal' ~* '^[0-9a-f]{8}-' and body ->> 'metal' ~ '[A-F]';

-- From here on a metal of the shop is one by its reference, or the row is refused.
alter table stock add check (body ->> 'metal' !~* '^[0-9a-f]{8}-' or metal_id is not null);

drop function with_small_id(jsonb, text[]);
