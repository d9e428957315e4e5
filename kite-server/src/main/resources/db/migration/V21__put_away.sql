-- A plan nobody works by any more stands aside; it can be brought back.
alter table plan add column put_away_at timestamptz;

alter table trail drop constraint trail_what_check;
alter table trail add constraint trail_what_check check (
  what in ('MADE', 'CHANGED', 'REMOVED', 'ERASED', 'BROUGHT_BACK', 'PUT_AWAY', 'SIGNED_IN', 'TAKEN_OUT'));

create function put_away_trailed() returns trigger language plpgsql as $$
begin
  if current_setting('kitetail.trail', true) is distinct from 'off' then
    insert into trail (shop_id, person_id, device, kind, what, client_id, plan_id)
      select c.shop_id, nullif(current_setting('kitetail.person', true), '')::bigint,
        nullif(current_setting('kitetail.device', true), ''), 'plan',
        case when new.put_away_at is null then 'BROUGHT_BACK' else 'PUT_AWAY' end, c.id, new.id
      from client c where c.id = new.client_id;
  end if;
  return null;
end
$$;

drop trigger plan_trailed on plan;
create trigger plan_trailed after insert or delete or update of document on plan
  for each row execute function trailed();
create trigger plan_put_away_trailed after update of put_away_at on plan
  for each row when ((old.put_away_at is null) <> (new.put_away_at is null)) execute function put_away_trailed();
