-- A plan shown to its client on another screen: paired by a code, without a sign-in, ending by itself.
create table showing (
  id uuid primary key default gen_random_uuid(),
  plan_id bigint not null references plan on delete cascade,
  code text unique check (code ~ '^[0-9]{6}$'),
  made_at timestamptz not null,
  ends_at timestamptz not null check (ends_at > made_at),
  liked text check (length(liked) between 1 and 40),
  liked_at timestamptz
);
create index on showing (plan_id, made_at);

-- What the client said yes to before it was cut.
alter table visit add column liked text;
