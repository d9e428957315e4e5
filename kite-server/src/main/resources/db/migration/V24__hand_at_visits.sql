-- What a visit showed of the hand that tied it off: a list of skill and by how much it was off.
create table hand_seen (
  visit_id bigint primary key references visit on delete cascade,
  person_id bigint not null references person,
  seen_at timestamptz not null,
  seen jsonb not null
);
create index on hand_seen (person_id, seen_at);
