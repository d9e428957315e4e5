-- Work at the chair: begun once for a plan, written down an entry at a time by one or more devices, tied off as a visit.
create table sitting (
  token uuid primary key,
  plan_id bigint not null references plan,
  person_id bigint not null references person,
  -- The plan as it was when the work began.
  document jsonb not null,
  started_at timestamptz not null,
  visit_id bigint unique references visit
);
create unique index sitting_open on sitting (plan_id) where visit_id is null;

create table sitting_entry (
  id bigint generated always as identity primary key,
  sitting uuid not null references sitting on delete cascade,
  -- A device numbers its own entries from 0 without a gap; the same number twice is the same entry.
  device uuid not null,
  number integer not null check (number >= 0),
  at timestamptz not null,
  entry jsonb not null check (entry ? 'kind'),
  unique (sitting, device, number)
);
create index on sitting_entry (sitting, id);
