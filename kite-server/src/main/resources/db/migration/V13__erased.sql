-- Clients as everybody sees them; who was erased is in the books alone.
create view present_client as select * from client where erased_at is null;

-- A day goes by before it is final.
alter table client add column erased_final_at timestamptz;
update client set erased_final_at = erased_at where erased_at is not null;
create index on client (erased_at) where erased_at is not null and erased_final_at is null;

-- What was a client's, by number alone: what is still sent for it is told that they were erased.
create table erased_thing (
  shop_id bigint not null references shop,
  kind text not null,
  key text not null,
  client_id bigint not null references client,
  primary key (kind, key)
);
create index on erased_thing (client_id);
insert into erased_thing select shop_id, 'client', id::text, id from client where erased_at is not null;
insert into erased_thing select c.shop_id, 'plan', p.id::text, c.id from plan p join client c on c.id = p.client_id
  where c.erased_at is not null;
insert into erased_thing select c.shop_id, 'visit', v.id::text, c.id from visit v join client c on c.id = v.client_id
  where c.erased_at is not null;

-- Nothing is written for who was erased, whichever way it comes. The row is held so that an erasing beside it waits
-- or is waited for. The erasing itself, and rows taken in from an archive, say so.
create function not_of_erased() returns trigger language plpgsql as $$
declare
  whose bigint;
  gone timestamptz;
begin
  if current_setting('kitetail.erasing', true) = 'on' then
    return new;
  end if;
  if tg_table_name in ('plan_version', 'sitting') then
    select client_id into whose from plan where id = new.plan_id;
  elsif tg_table_name = 'sitting_entry' then
    select p.client_id into whose from sitting s join plan p on p.id = s.plan_id where s.token = new.sitting;
  else
    whose := new.client_id;
  end if;
  select erased_at into gone from client where id = whose for share;
  if gone is not null then
    raise exception 'client % was erased', whose using errcode = 'KT410';
  end if;
  return new;
end
$$;

create trigger sitdown_of_erased before insert or update on sitdown for each row execute function not_of_erased();
create trigger plan_of_erased before insert or update on plan for each row execute function not_of_erased();
create trigger plan_version_of_erased before insert or update on plan_version for each row execute function not_of_erased();
create trigger appointment_of_erased before insert or update on appointment for each row execute function not_of_erased();
create trigger waiting_of_erased before insert or update on waiting for each row execute function not_of_erased();
create trigger visit_of_erased before insert or update on visit for each row execute function not_of_erased();
create trigger sitting_of_erased before insert or update on sitting for each row execute function not_of_erased();
create trigger sitting_entry_of_erased before insert or update on sitting_entry for each row execute function not_of_erased();
create trigger photo_of_erased before insert or update on photo for each row execute function not_of_erased();
create trigger message_of_erased before insert on message for each row execute function not_of_erased();
create trigger kit_event_of_erased before insert or update on kit_event for each row execute function not_of_erased();
