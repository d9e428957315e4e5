-- The table of db-scheduler: one for all servers on this database.
create table scheduled_tasks (
  task_name text not null,
  task_instance text not null,
  task_data bytea,
  execution_time timestamptz not null,
  picked boolean not null,
  picked_by text,
  last_success timestamptz,
  last_failure timestamptz,
  consecutive_failures int,
  last_heartbeat timestamptz,
  version bigint not null,
  priority smallint,
  primary key (task_name, task_instance)
);
create index on scheduled_tasks (execution_time);
create index on scheduled_tasks (last_heartbeat);
create index on scheduled_tasks (priority desc, execution_time asc);

-- What a client is to be told; the key says what about, so that it is told once.
create table message (
  id bigint generated always as identity primary key,
  key text not null unique check (length(key) <= 200),
  shop_id bigint not null references shop,
  client_id bigint not null references client,
  kind text not null check (kind in ('REMINDER', 'RETURN')),
  address text not null check (length(address) between 1 and 254),
  words text not null check (length(words) between 1 and 1000),
  made_at timestamptz not null,
  sent_at timestamptz
);
create index on message (made_at) where sent_at is null;
create index on message (shop_id, made_at desc);
create index on message (client_id);

-- The simulated gateway's own book: what reached it. It knows a message by its key, as real gateways do.
create table standin_outbox (
  id bigint generated always as identity primary key,
  key text not null unique,
  address text not null,
  words text not null,
  -- How often it was handed over; it is sent once.
  handed_over integer not null default 1,
  received_at timestamptz not null default now()
);

-- When a client should be back, by what was cut.
alter table visit add column return_on date;
create index on visit (return_on) where return_on is not null;
create index on appointment (client_id, starts_at);
