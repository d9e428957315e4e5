-- What is measured and asked is kept a sit-down at a time, as one document.
create table sitdown (
  id bigint generated always as identity primary key,
  client_id bigint not null references client,
  version bigint not null default 1,
  document jsonb not null check (document ? 'version' and document ? 'head' and document ? 'start'),
  created_at timestamptz not null,
  updated_at timestamptz not null
);
create index on sitdown (client_id, created_at desc, id desc);

insert into sitdown (client_id, document, created_at, updated_at)
select id,
  jsonb_build_object(
    'version', 1,
    'head', jsonb_strip_nulls(jsonb_build_object(
      'kind', 'measured', 'girthMm', girth_mm, 'earToEarMm', ear_to_ear_mm, 'frontToNapeMm', front_to_nape_mm)),
    'hair', jsonb_build_object('exitDeg', exit_deg, 'growthMmPerDay', growth_mm_per_day),
    'start', jsonb_build_object('kind', 'taped', 'tapedMm', jsonb_build_object(
      'front', front_mm, 'apex', top_mm, 'crown', crown_mm, 'earTopLeft', side_mm, 'earTopRight', side_mm,
      'occipital', occipital_mm, 'nape', nape_mm))),
  created_at, created_at
from client;

alter table client
  drop column girth_mm, drop column ear_to_ear_mm, drop column front_to_nape_mm,
  drop column exit_deg, drop column growth_mm_per_day,
  drop column front_mm, drop column top_mm, drop column crown_mm,
  drop column side_mm, drop column occipital_mm, drop column nape_mm,
  add column phone text not null default '' check (length(phone) <= 60),
  add column email text not null default '' check (length(email) <= 254);
