-- Tries of drills, each once however often it is sent.
create table practice_try (
  id bigint generated always as identity primary key,
  token uuid not null unique,
  person_id bigint not null references person,
  tried_at timestamptz not null,
  drill text not null check (length(drill) between 1 and 40),
  seed bigint not null,
  level integer not null check (level between 1 and 5),
  left_hand boolean not null,
  seconds double precision not null,
  share double precision not null check (share between 0 and 1),
  good boolean not null,
  mean double precision not null,
  spread double precision not null,
  cause text not null check (length(cause) between 1 and 40),
  -- What it showed of the hand: a list of skill and by how much it was off.
  seen jsonb not null,
  attempt jsonb not null
);
create index on practice_try (person_id, tried_at);

alter table person
  -- Whether what is learnt of the hand is used in their own plans, and shown to who teaches.
  add column practice_used boolean not null default false,
  add column practice_shown boolean not null default false;

-- Drills in a row, with how often each is to be good.
create table course (
  id bigint generated always as identity primary key,
  shop_id bigint not null references shop,
  title text not null check (length(title) between 1 and 80),
  steps jsonb not null,
  made_at timestamptz not null,
  unique (shop_id, title)
);
create trigger course_trailed after insert or update or delete on course for each row execute function trailed();
