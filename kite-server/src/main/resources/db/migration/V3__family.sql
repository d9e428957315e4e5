-- A shop's own shape families, each a plan document with its knobs.
create table family (
  shop_id bigint not null references shop,
  id text not null check (id ~ '^[a-z0-9]+(-[a-z0-9]+)*$' and length(id) <= 60),
  document jsonb not null check (document ? 'family'),
  updated_at timestamptz not null,
  primary key (shop_id, id)
);
