-- Each message is tried by itself, later and later, until it is given up; a reminder knows what it reminds of.
alter table message
  add column tries integer not null default 0,
  add column next_try_at timestamptz not null default '-infinity',
  add column why text,
  add column given_up_at timestamptz,
  add column appointment_id bigint,
  add column about_at timestamptz;
update message set appointment_id = split_part(key, '/', 2)::bigint, about_at = to_timestamp(split_part(key, '/', 3)::bigint)
  where kind = 'REMINDER' and key ~ '^reminder/\d{1,18}/\d{1,12}$';
drop index message_made_at_idx;
create index on message (next_try_at, id) where sent_at is null and given_up_at is null;
