-- Whether an appointment is as long as it is by what is known of the pace of whose chair it is in.
alter table appointment add column by_own_pace boolean not null default false;
