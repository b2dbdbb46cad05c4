-- Offers and work done that put a withheld finding right speak of it: hidden with it from whom a lot is lent to.
create or replace function farvin_withheld() returns setof uuid language sql stable security definer set search_path = public as $$
  with lent as (
    select i.id from inspection i where i.lot_id in (select farvin_lots())
  ), hidden as (
    select r.id, r.inspection_id, r.body from record r
    where r.inspection_id in (select id from lent) and r.kind = 'finding' and coalesce(r.body->>'withheld', '') <> ''
  )
  select id from hidden
  union
  select w.id from record w where w.kind in ('worth', 'remedy') and w.inspection_id in (select id from lent)
  union
  select j.id from record j where j.kind in ('offer', 'done') and j.inspection_id in (select id from lent)
    and exists (select 1 from hidden h where h.inspection_id = j.inspection_id and j.body->'serves' ? h.id::text)
  union
  select m.id from record m where m.kind = 'moment' and m.inspection_id in (select id from lent)
    and m.body->>'of' in (select id::text from hidden)
  union
  select p.id from record p where p.kind = 'photo' and p.inspection_id in (select id from lent) and (
    p.body->>'finding' in (select id::text from hidden)
    or p.body->>'finding' in (select j.id::text from record j
      where j.kind = 'done' and j.inspection_id = p.inspection_id
        and exists (select 1 from hidden h where h.inspection_id = j.inspection_id and j.body->'serves' ? h.id::text))
    or (exists (select 1 from hidden h where h.inspection_id = p.inspection_id and h.body->'photos' ? p.id::text)
      and not exists (select 1 from record f where f.inspection_id = p.inspection_id and f.kind = 'finding'
        and coalesce(f.body->>'withheld', '') = '' and f.body->'photos' ? p.id::text)))
$$;
