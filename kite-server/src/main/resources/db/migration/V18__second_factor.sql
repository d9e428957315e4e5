-- Six digits by the clock beside the password (RFC 6238): the secret, the last step that was used so that none is used
-- twice, and hashes of codes for when the device is lost, each of which goes once.
alter table person
  add column second_secret text,
  add column second_step bigint not null default 0,
  add column second_codes text[] not null default '{}';
