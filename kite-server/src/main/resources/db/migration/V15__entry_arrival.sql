-- When an entry came in, how far its device's clock is ahead, and who was signed in there.
alter table sitting_entry
  add column arrived_at timestamptz not null default now(),
  add column ahead_ms bigint not null default 0,
  add column person_id bigint references person;
