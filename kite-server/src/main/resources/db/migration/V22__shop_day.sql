-- Days on which a shop is closed whatever its hours say.
create table closed (
  id bigint generated always as identity primary key,
  shop_id bigint not null references shop,
  from_day date not null,
  to_day date not null check (to_day >= from_day),
  why text not null default '' check (length(why) <= 80)
);
create index on closed (shop_id, from_day);
create trigger closed_trailed after insert or delete on closed for each row execute function trailed();

-- What is offered, how long it takes and what is asked for it, in the smallest coin.
create table service (
  id bigint generated always as identity primary key,
  shop_id bigint not null references shop,
  name text not null check (length(name) between 1 and 60),
  minutes integer not null check (minutes between 5 and 480),
  price_cents bigint check (price_cents between 0 and 100000000),
  -- Two may change names with each other.
  unique (shop_id, name) deferrable initially deferred
);
create trigger service_trailed after insert or update or delete on service for each row execute function trailed();
alter table appointment add column service_id bigint references service on delete set null;
create index on appointment (service_id) where service_id is not null;

-- How a shop words what it sends, where it words it otherwise than usual.
create table wording (
  id bigint generated always as identity primary key,
  shop_id bigint not null references shop,
  kind text not null check (kind in ('REMINDER', 'RETURN', 'MOVED')),
  words text not null check (length(words) between 1 and 400),
  unique (shop_id, kind)
);
create trigger wording_trailed after insert or update or delete on wording for each row execute function trailed();

alter table message drop constraint message_kind_check;
alter table message add constraint message_kind_check check (kind in ('REMINDER', 'RETURN', 'MOVED'));

-- Where somebody's chair stands in the diary, from the left; nothing for who has none of their own.
alter table person add column chair integer default 1 check (chair between 1 and 40);

-- How long a visit's work stood still, told by its log.
alter table visit add column paused_sec integer not null default 0 check (paused_sec >= 0);
