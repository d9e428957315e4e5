-- Who did what, when, from which device: only ever added to, in the same transaction as what was done. It names
-- columns, never what stood in them, so that nothing of who was erased is left in it.
create table trail (
  id bigint generated always as identity primary key,
  shop_id bigint not null references shop,
  at timestamptz not null default now(),
  -- Nobody: done by the server itself.
  person_id bigint references person,
  device text check (length(device) <= 40),
  kind text not null check (length(kind) <= 40),
  what text not null check (what in ('MADE', 'CHANGED', 'REMOVED', 'ERASED', 'BROUGHT_BACK', 'SIGNED_IN', 'TAKEN_OUT')),
  client_id bigint,
  plan_id bigint,
  visit_id bigint,
  fields text[] not null default '{}'
);
create index on trail (client_id, at desc) where client_id is not null;
create index on trail (plan_id, at desc) where plan_id is not null;
create index on trail (visit_id, at desc) where visit_id is not null;
create index on trail (shop_id, at desc);

create function only_added_to() returns trigger language plpgsql as $$
begin
  raise exception 'the trail is only added to' using errcode = 'KT403';
end
$$;
create trigger trail_stays before update or delete on trail for each row execute function only_added_to();
create trigger trail_is_not_emptied before truncate on trail for each statement execute function only_added_to();

-- Saves of a plan while somebody types are one row for ten minutes.
create function trailed() returns trigger language plpgsql as $$
declare
  r record;
  who bigint := nullif(current_setting('kitetail.person', true), '')::bigint;
  by_device text := nullif(current_setting('kitetail.device', true), '');
  whose bigint;
  of_plan bigint;
  of_visit bigint;
  in_shop bigint;
  done text := case tg_op when 'INSERT' then 'MADE' when 'UPDATE' then 'CHANGED' else 'REMOVED' end;
  which text[] := '{}';
begin
  if current_setting('kitetail.trail', true) = 'off' then
    return null;
  end if;
  if tg_op = 'DELETE' then r := old; else r := new; end if;
  case tg_table_name
    when 'client' then whose := r.id;
    when 'plan' then whose := r.client_id; of_plan := r.id;
    when 'plan_version', 'sitting' then
      of_plan := r.plan_id;
      select client_id into whose from plan where id = r.plan_id;
    when 'visit' then whose := r.client_id; of_plan := r.plan_id; of_visit := r.id;
    when 'sitdown', 'photo', 'appointment', 'waiting' then whose := r.client_id;
    else null;
  end case;
  if whose is not null then
    select shop_id into in_shop from client where id = whose;
  else
    in_shop := r.shop_id;
  end if;
  if tg_op = 'UPDATE' and tg_table_name in ('client', 'visit', 'appointment', 'person', 'kit') then
    select coalesce(array_agg(n.key order by n.key), '{}') into which
      from jsonb_each(to_jsonb(new) - array['document', 'version', 'stamp', 'second_step']) n
      join jsonb_each(to_jsonb(old)) o using (key) where n.value is distinct from o.value;
    if which = '{}' then
      return null;
    end if;
    if tg_table_name = 'client' then
      if 'erased_final_at' = any (which) then
        done := 'ERASED'; which := array['erased_final_at'];
      elsif (new.erased_at is null) <> (old.erased_at is null) then
        done := case when new.erased_at is null then 'BROUGHT_BACK' else 'ERASED' end; which := '{}';
      end if;
    end if;
  elsif tg_op = 'UPDATE' and exists (
      select 1 from trail t where t.client_id = whose and t.at > now() - interval '10 minutes' and t.kind = tg_table_name
        and t.plan_id is not distinct from of_plan and t.what in ('MADE', 'CHANGED')
        and t.person_id is not distinct from who and t.device is not distinct from by_device) then
    return null;
  end if;
  insert into trail (shop_id, person_id, device, kind, what, client_id, plan_id, visit_id, fields)
    values (in_shop, who, by_device, tg_table_name, done, whose, of_plan, of_visit, which);
  return null;
end
$$;

create trigger client_trailed after insert or update on client for each row execute function trailed();
create trigger sitdown_trailed after insert or update or delete on sitdown for each row execute function trailed();
create trigger plan_trailed after insert or update on plan for each row execute function trailed();
create trigger plan_version_trailed after insert or delete on plan_version for each row execute function trailed();
create trigger sitting_trailed after insert or delete on sitting for each row execute function trailed();
create trigger visit_trailed after insert or update or delete on visit for each row execute function trailed();
create trigger photo_trailed after insert or delete on photo for each row execute function trailed();
create trigger appointment_trailed after insert or update or delete on appointment for each row execute function trailed();
create trigger waiting_trailed after insert or delete on waiting for each row execute function trailed();
create trigger person_trailed after insert or update on person for each row execute function trailed();
create trigger kit_trailed after insert or update on kit for each row execute function trailed();
create trigger opening_trailed after insert or delete on opening for each row execute function trailed();
create trigger family_trailed after insert or update or delete on family for each row execute function trailed();
