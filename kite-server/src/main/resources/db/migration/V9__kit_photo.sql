create table kit (
  id bigint generated always as identity primary key,
  shop_id bigint not null references shop,
  kind text not null check (kind in ('COMB', 'GUARD', 'SHEARS', 'RAZOR', 'CLIPPER')),
  name text not null check (length(name) between 1 and 80),
  -- What a guard or a comb really leaves, or how long a blade is.
  measured_mm double precision check (measured_mm between 0.1 and 250),
  note text not null default '' check (length(note) <= 200),
  retired boolean not null default false,
  created_at timestamptz not null
);
create index on kit (shop_id);

-- What was done to a tool, and that it was used on a client.
create table kit_event (
  id bigint generated always as identity primary key,
  kit_id bigint not null references kit,
  kind text not null check (kind in ('USED', 'DISINFECTED', 'BLADE', 'OILED', 'SHARPENED')),
  -- Made by the device, so that the same tap sent twice is stored once.
  token uuid not null unique,
  person_id bigint not null references person,
  client_id bigint references client,
  at timestamptz not null
);
create index on kit_event (kit_id, at desc);

create table photo (
  id bigint generated always as identity primary key,
  client_id bigint not null references client,
  -- The sitting it was taken in; the visit is known once that is tied off.
  sitting uuid,
  person_id bigint not null references person,
  taken_at timestamptz not null,
  width integer not null check (width between 1 and 4000),
  height integer not null check (height between 1 and 4000),
  jpeg bytea not null check (length(jpeg) <= 4000000)
);
create index on photo (client_id, taken_at desc);

-- What the shop asks for a visit, in the smallest coin; kept only if the shop wants it.
alter table visit add column price_cents bigint check (price_cents between 0 and 100000000);

-- What was learnt of a client is used from this moment on; set anew to forget what came before.
alter table client add column learnt_since timestamptz;

-- Erased at the client's wish: visits stay in the books, without whose they were.
alter table client add column erased_at timestamptz;

-- Lists by name of many thousand clients.
create extension if not exists pg_trgm;
create index client_name_part on client using gin (lower(name) gin_trgm_ops);
