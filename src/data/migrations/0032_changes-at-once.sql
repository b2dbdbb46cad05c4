CREATE INDEX "record_of_kind" ON "record" USING btree ("inspection_id","kind");--> statement-breakpoint
-- Locks an inspection for a batch of changes and says what the batch needs to know of it; null where the house has none such.
-- As a function, whose plans the database keeps. It runs as whoever calls it, so that the policies hold. What is planned while a
-- house is new is kept while it grows: by its indexes always.
create function farvin_open_batch(p_inspection uuid, p_org uuid, p_records uuid[], p_changes uuid[], p_kinds text[]) returns jsonb
  language plpgsql set search_path = public set enable_seqscan = off as $$
declare
  head record;
begin
  select i.state, i.log_head, i.change_count into head from inspection i where i.id = p_inspection and i.org_id = p_org for update;
  if not found then
    return null;
  end if;
  -- Each statement here sees what was there once the lock was had.
  return jsonb_build_object(
    'state', head.state, 'logHead', head.log_head, 'changeCount', head.change_count,
    -- One by one, by their key: whatever is thought of how many an inspection has, no other row of it is read.
    'present', (select jsonb_agg(jsonb_build_object('id', r.id, 'kind', r.kind, 'version', r.version, 'schema', r.schema,
      'body', r.body)) from unnest(p_records) as u(id)
      cross join lateral (select * from record where inspection_id = p_inspection and id = u.id limit 1) r),
    'known', (select jsonb_agg(jsonb_build_object('changeId', l.change_id, 'contentHash', l.content_hash, 'version', l.version))
      from unnest(p_changes) as u(id)
      cross join lateral (select * from change_log where inspection_id = p_inspection and change_id = u.id limit 1) l),
    'singles', (select jsonb_agg(jsonb_build_object('kind', r.kind, 'style', r.body->'style'))
      from record r where r.inspection_id = p_inspection and r.kind = any(p_kinds))
  );
end
$$;
--> statement-breakpoint
revoke execute on function farvin_open_batch from public;
--> statement-breakpoint
grant execute on function farvin_open_batch to farvin_app;
--> statement-breakpoint
-- Writes what a batch changed, its log lines and the notification, together, and says how many lines it wrote: none where a
-- record is not at the version at which it was checked.
create function farvin_write_changes(p_inspection uuid, p_org uuid, p_actor text, p_name text, p_ahead int, p_at timestamptz,
  p_gone uuid[], p_lines jsonb, p_head text, p_channel text) returns int
  language plpgsql set search_path = public set enable_seqscan = off as $$
#variable_conflict use_column
declare
  wrote int;
begin
  if cardinality(p_gone) > 0 then
    delete from record where inspection_id = p_inspection and id = any(p_gone);
  end if;
  -- Records and log in one statement from one list of lines: of each record the last line of the batch counts.
  with x as materialized (
    select * from rows from (jsonb_to_recordset(p_lines) as (change_id uuid, content_hash text, op text, kind text,
      record_id uuid, version int, schema int, stored int, before jsonb, after jsonb, previous_hash text, hash text))
      with ordinality
  ), last as (
    select distinct on (record_id) record_id, kind, version, schema, stored, after from x
    order by record_id, ordinality desc
  ), written as (
    insert into record (inspection_id, org_id, id, kind, version, schema, body)
    select p_inspection, p_org, record_id, kind, version, schema, after from last
    where after is not null
    on conflict (inspection_id, id) do update
    set version = excluded.version, schema = excluded.schema, body = excluded.body
    -- What was checked in memory is what is overwritten: the same kind at the very version.
    where record.kind = excluded.kind
      and record.version = (select l.stored from last l where l.record_id = excluded.id)
    returning 1
  )
  insert into change_log (inspection_id, org_id, actor_id, actor_name, form, clock_ahead_s, at, change_id, content_hash,
    op, kind, record_id, version, schema, before, after, previous_hash, hash)
  select p_inspection, p_org, p_actor, p_name, 2, p_ahead, p_at, change_id, content_hash, op, kind, record_id, version,
    schema, before, after, previous_hash, hash
  from x
  where (select count(*) from written) = (select count(*) from last where after is not null)
  order by ordinality;
  get diagnostics wrote = row_count;
  perform pg_notify(p_channel, p_inspection::text);
  update inspection set log_head = p_head, change_count = change_count + wrote where id = p_inspection;
  return wrote;
end
$$;
--> statement-breakpoint
revoke execute on function farvin_write_changes from public;
--> statement-breakpoint
grant execute on function farvin_write_changes to farvin_app;
