-- A stylist's own way where stylists differ, as the plan document has it; null while nothing is set.
alter table person add column school jsonb;
