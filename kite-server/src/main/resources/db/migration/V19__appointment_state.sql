-- Whether a client is here, or did not come; in the chair and done are told by sittings and visits.
alter table appointment
  add column arrived_at timestamptz,
  add column missed_at timestamptz,
  add constraint appointment_here_or_missed check (arrived_at is null or missed_at is null);

-- Who did not come keeps no chair.
alter table appointment drop constraint appointment_person_id_tstzrange_excl;
alter table appointment add constraint appointment_person_id_tstzrange_excl
  exclude using gist (person_id with =, tstzrange(starts_at, ends_at) with &&) where (missed_at is null);
