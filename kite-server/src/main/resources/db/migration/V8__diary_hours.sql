-- When a shop is open, as recurring hours (RFC 5545): each from one time of day to another on the days of its rule.
create table opening (
  id bigint generated always as identity primary key,
  shop_id bigint not null references shop,
  rule text not null check (length(rule) between 1 and 400),
  since date not null,
  from_time time not null,
  to_time time not null check (to_time > from_time)
);
create index on opening (shop_id);

-- Not every shop told its hours before: until it does, nine to six on working days and Saturday.
insert into opening (shop_id, rule, since, from_time, to_time)
select id, 'FREQ=WEEKLY;BYDAY=MO,TU,WE,TH,FR,SA', date '2020-01-06', time '09:00', time '18:00' from shop;

-- Times a person's other calendar says they are not there.
create table busy (
  id bigint generated always as identity primary key,
  person_id bigint not null references person,
  starts_at timestamptz not null,
  ends_at timestamptz not null check (ends_at > starts_at)
);
create index on busy (person_id, starts_at);

-- Who would come sooner.
create table waiting (
  id bigint generated always as identity primary key,
  shop_id bigint not null references shop,
  client_id bigint not null references client,
  plan_id bigint references plan,
  person_id bigint references person,
  until date not null,
  note text not null default '' check (length(note) <= 400),
  created_at timestamptz not null
);
create index on waiting (shop_id, until);
create index on waiting (client_id);
