-- A tool keeps the sizes its kind has, under their own names, and no others. It had
-- one set of sizes for every kind before: those that the kind never had go, all of
-- them stay readable in tool_before_kinds, for the owner of the database only.

create table tool_before_kinds (
  shop_id  uuid not null references shop,
  id       uuid not null,
  body     jsonb not null,
  kept_at  timestamptz not null default now(),
  primary key (shop_id, id)
);
alter table tool_before_kinds enable row level security;
create policy own_shop on tool_before_kinds
  using (shop_id = (select current_shop())) with check (shop_id = (select current_shop()));

-- Only bodies of the old shape are touched, so that a database made anew is left alone.
insert into tool_before_kinds (shop_id, id, body)
select shop_id, id, body from tool
where body ?& array['diameterMm', 'teeth', 'fluteLengthMm', 'noseRadiusMm', 'approachDeg', 'cornerDeg'];

create temporary table size_of_kind (kind text, was text, called text);
insert into size_of_kind
select kind, was, was
from (values
  ('turning-tool',    array['rakeDeg', 'coating', 'noseRadiusMm', 'approachDeg', 'cornerDeg', 'shankMm']),
  ('boring-bar',      array['rakeDeg', 'coating', 'noseRadiusMm', 'approachDeg', 'cornerDeg']),
  ('parting-blade',   array['rakeDeg', 'coating']),
  ('threading-tool',  array['rakeDeg', 'coating', 'noseRadiusMm']),
  ('form-tool',       array['rakeDeg', 'coating']),
  ('knurling-tool',   array[]::text[]),
  ('file',            array[]::text[]),
  ('drill',           array['rakeDeg', 'coating', 'diameterMm', 'fluteLengthMm']),
  ('centre-drill',    array['rakeDeg', 'coating', 'diameterMm']),
  ('reamer',          array['rakeDeg', 'coating', 'diameterMm', 'teeth']),
  ('end-mill',        array['rakeDeg', 'coating', 'diameterMm', 'teeth', 'fluteLengthMm', 'shankMm', 'centreCutting']),
  ('face-mill',       array['rakeDeg', 'coating', 'diameterMm', 'teeth', 'fluteLengthMm', 'noseRadiusMm', 'approachDeg', 'shankMm']),
  ('fly-cutter',      array['rakeDeg', 'coating', 'diameterMm', 'teeth', 'noseRadiusMm', 'approachDeg']),
  ('slitting-saw',    array['rakeDeg', 'coating', 'diameterMm', 'teeth']),
  ('form-cutter',     array['rakeDeg', 'coating', 'diameterMm', 'teeth']),
  ('t-slot-cutter',   array['rakeDeg', 'coating', 'diameterMm', 'teeth', 'shankMm']),
  ('dovetail-cutter', array['rakeDeg', 'coating', 'diameterMm', 'teeth', 'shankMm'])
) as kept (kind, names), unnest(names || array['kind', 'name', 'material', 'dull', 'note']) as was;
insert into size_of_kind (kind, was, called) values
  ('boring-bar',      'shankMm',       'barMm'),
  ('parting-blade',   'bladeMm',       'widthMm'),
  ('threading-tool',  'cornerDeg',     'threadAngleDeg'),
  ('form-tool',       'bladeMm',       'widthMm'),
  ('form-tool',       'fluteLengthMm', 'depthMm'),
  ('centre-drill',    'shankMm',       'bodyMm'),
  ('slitting-saw',    'bladeMm',       'thicknessMm'),
  ('form-cutter',     'bladeMm',       'widthMm'),
  ('form-cutter',     'fluteLengthMm', 'depthMm'),
  ('t-slot-cutter',   'bladeMm',       'headHeightMm'),
  ('dovetail-cutter', 'approachDeg',   'angleDeg'),
  ('dovetail-cutter', 'fluteLengthMm', 'slantHeightMm');

-- Version and time stay: to the people of the shop it is the same record. A threading
-- tool had any corner angle; nearer to 55 than to 60 degrees it meant the old inch form.
update tool
set body = by_kind.body
from (
  select
    flat.shop_id, flat.id,
    jsonb_object_agg(
      size.called,
      case size.called
        when 'threadAngleDeg' then
          case when (flat.body ->> size.was)::numeric < 57.5 then to_jsonb(55) else to_jsonb(60) end
        else flat.body -> size.was
      end
    ) as body
  from tool_before_kinds as flat
  join size_of_kind as size on size.kind = flat.body ->> 'kind' and flat.body ? size.was
  group by flat.shop_id, flat.id
) as by_kind
where tool.shop_id = by_kind.shop_id and tool.id = by_kind.id;

drop table size_of_kind;
