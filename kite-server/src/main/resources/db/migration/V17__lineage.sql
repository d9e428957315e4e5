-- The same shop wherever its archives are taken in: its rows keep their numbers there.
alter table shop add column key uuid not null unique default gen_random_uuid();
