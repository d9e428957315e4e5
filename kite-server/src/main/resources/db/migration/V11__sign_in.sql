-- Failed sign-ins of late, by name and by address; what is older than the window is let go.
create table sign_in_failure (
    key text not null,
    at timestamptz not null
);
create index on sign_in_failure (key, at);
