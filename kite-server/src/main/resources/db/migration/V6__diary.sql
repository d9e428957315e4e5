-- An appointment may be moved by two people at once: the version tells.
alter table appointment
  add column version bigint not null default 1,
  add column note text not null default '' check (length(note) <= 400);
-- The secret part of the address of a person's own calendar feed; made when it is asked for, and anew to shut the old.
alter table person add column feed uuid unique;
