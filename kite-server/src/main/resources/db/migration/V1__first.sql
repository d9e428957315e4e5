create extension if not exists btree_gist;

create table shop (
  id bigint generated always as identity primary key,
  name text not null check (length(name) between 1 and 120),
  zone text not null
);

create table person (
  id bigint generated always as identity primary key,
  shop_id bigint not null references shop,
  name text not null check (length(name) between 1 and 120),
  sign_in text not null unique check (sign_in = lower(sign_in)),
  password_hash text not null,
  role text not null check (role in ('OWNER', 'STYLIST')),
  units text not null default 'CM' check (units in ('CM', 'INCH'))
);

create table client (
  id bigint generated always as identity primary key,
  shop_id bigint not null references shop,
  name text not null check (length(name) between 1 and 120),
  note text not null default '',
  girth_mm double precision not null check (girth_mm between 440 and 680),
  ear_to_ear_mm double precision check (ear_to_ear_mm between 200 and 480),
  front_to_nape_mm double precision check (front_to_nape_mm between 200 and 480),
  exit_deg double precision not null check (exit_deg between 10 and 90),
  growth_mm_per_day double precision not null check (growth_mm_per_day between 0.1 and 0.8),
  front_mm double precision not null check (front_mm between 0 and 1500),
  top_mm double precision not null check (top_mm between 0 and 1500),
  crown_mm double precision not null check (crown_mm between 0 and 1500),
  side_mm double precision not null check (side_mm between 0 and 1500),
  occipital_mm double precision not null check (occipital_mm between 0 and 1500),
  nape_mm double precision not null check (nape_mm between 0 and 1500),
  created_at timestamptz not null
);
create index on client (shop_id, name);

create table plan (
  id bigint generated always as identity primary key,
  client_id bigint not null references client,
  version bigint not null default 1,
  document jsonb not null check (document ? 'version' and document ? 'moves'),
  created_at timestamptz not null,
  updated_at timestamptz not null
);
create index on plan (client_id);

create table appointment (
  id bigint generated always as identity primary key,
  shop_id bigint not null references shop,
  person_id bigint not null references person,
  client_id bigint not null references client,
  plan_id bigint references plan,
  starts_at timestamptz not null,
  ends_at timestamptz not null check (ends_at > starts_at),
  exclude using gist (person_id with =, tstzrange(starts_at, ends_at) with &&)
);
create index on appointment (shop_id, starts_at);

create table visit (
  id bigint generated always as identity primary key,
  -- Made by the device, so that a visit sent twice is stored once.
  token uuid not null unique,
  client_id bigint not null references client,
  plan_id bigint not null references plan,
  person_id bigint not null references person,
  -- The plan as it was cut.
  document jsonb not null,
  started_at timestamptz not null,
  finished_at timestamptz not null check (finished_at >= started_at),
  moves_done integer not null check (moves_done >= 0),
  remarks text not null default '' check (length(remarks) <= 2000)
);
create index on visit (client_id, finished_at desc);

create table spring_session (
  primary_id char(36) not null primary key,
  session_id char(36) not null unique,
  creation_time bigint not null,
  last_access_time bigint not null,
  max_inactive_interval int not null,
  expiry_time bigint not null,
  principal_name varchar(100)
);
create index on spring_session (expiry_time);
create index on spring_session (principal_name);

create table spring_session_attributes (
  session_primary_id char(36) not null references spring_session (primary_id) on delete cascade,
  attribute_name varchar(200) not null,
  attribute_bytes bytea not null,
  primary key (session_primary_id, attribute_name)
);
