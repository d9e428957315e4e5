-- Which hand somebody cuts with, and which one a visit showed.
alter table person add column left_handed boolean not null default false;
alter table hand_seen add column left_hand boolean not null default false;
