-- A plan as it stood, kept under a name; the plan itself goes on.
create table plan_version (
  id bigint generated always as identity primary key,
  plan_id bigint not null references plan,
  name text not null check (length(name) between 1 and 80),
  document jsonb not null,
  person_id bigint not null references person,
  created_at timestamptz not null
);
create index on plan_version (plan_id, created_at);
