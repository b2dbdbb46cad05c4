ALTER TABLE "lot" ADD COLUMN "doubt" double precision DEFAULT 0 NOT NULL;--> statement-breakpoint
-- The Yard calls a lot thin by how much its grade is in doubt too.
create or replace function lot_follows_inspection() returns trigger language plpgsql as $$
declare
  i inspection;
  width double precision;
begin
  if new.state = 'given-up' then
    select * into i from inspection where lot_id = new.lot_id and state <> 'given-up' order by revision desc limit 1;
  else
    i := new;
    if exists (select 1 from inspection o where o.lot_id = new.lot_id and o.revision > new.revision and o.state <> 'given-up')
    then return null; end if;
  end if;
  if i.id is null then return null; end if;
  width := coalesce((i.summary->'grade'->>'high')::double precision - (i.summary->'grade'->>'low')::double precision, 0);
  update lot set
    revision = i.revision,
    state = i.state,
    seen = coalesce((i.summary->>'seen')::double precision, 0),
    records = coalesce((i.summary->>'records')::int, 0),
    grade = (i.summary->'grade'->>'value')::double precision,
    doubt = width
  where id = i.lot_id
    and (revision, state, seen, records, coalesce(grade, -1), doubt) is distinct from
      (i.revision, i.state, coalesce((i.summary->>'seen')::double precision, 0),
       coalesce((i.summary->>'records')::int, 0), coalesce((i.summary->'grade'->>'value')::double precision, -1), width);
  return null;
end $$;
--> statement-breakpoint
-- Grades are reckoned anew: what was kept of lots that are not sealed is of the old formulas.
update inspection set summary_count = -1 where state <> 'sealed';
