-- Five roles; who is shut out stays in the books; sessions of before a change end by the stamp.
alter table person drop constraint person_role_check;
alter table person
  add constraint person_role_check check (role in ('OWNER', 'MANAGER', 'STYLIST', 'ASSISTANT', 'LEARNER')),
  add column disabled_at timestamptz,
  add column stamp integer not null default 1;
