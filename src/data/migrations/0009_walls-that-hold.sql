CREATE TABLE "rate_bucket" (
	"who" text PRIMARY KEY NOT NULL,
	"left" double precision NOT NULL,
	"at" timestamp with time zone NOT NULL
);
--> statement-breakpoint
CREATE TABLE "sign_in_try" (
	"who" text PRIMARY KEY NOT NULL,
	"tries" integer NOT NULL,
	"last" timestamp with time zone NOT NULL
);
--> statement-breakpoint
CREATE TABLE "audit_event" (
	"id" bigserial PRIMARY KEY NOT NULL,
	"org_id" uuid NOT NULL,
	"at" timestamp with time zone DEFAULT now() NOT NULL,
	"actor_id" text,
	"actor_name" text DEFAULT '' NOT NULL,
	"what" text NOT NULL,
	"lot_id" uuid,
	"inspection_id" uuid,
	"detail" jsonb DEFAULT '{}'::jsonb NOT NULL
);
--> statement-breakpoint
CREATE TABLE "lot_lending" (
	"lot_id" uuid NOT NULL,
	"user_id" text NOT NULL,
	"org_id" uuid NOT NULL,
	"lent_by" text NOT NULL,
	"at" timestamp with time zone DEFAULT now() NOT NULL,
	CONSTRAINT "lot_lending_lot_id_user_id_pk" PRIMARY KEY("lot_id","user_id")
);
--> statement-breakpoint
CREATE TABLE "seal_key" (
	"id" uuid PRIMARY KEY NOT NULL,
	"org_id" uuid NOT NULL,
	"house" text NOT NULL,
	"public_key" text NOT NULL,
	"valid_from" timestamp with time zone NOT NULL,
	"valid_to" timestamp with time zone,
	"revoked_at" timestamp with time zone,
	"revoked_from" timestamp with time zone,
	"revoked_why" text DEFAULT '' NOT NULL,
	CONSTRAINT "seal_key_public" UNIQUE("public_key")
);
--> statement-breakpoint
CREATE TABLE "seal_secret" (
	"key_id" uuid PRIMARY KEY NOT NULL,
	"org_id" uuid NOT NULL,
	"box" text NOT NULL
);
--> statement-breakpoint
ALTER TABLE "change_log" ADD COLUMN "actor_name" text;--> statement-breakpoint
ALTER TABLE "change_log" ADD COLUMN "form" integer DEFAULT 1 NOT NULL;--> statement-breakpoint
ALTER TABLE "change_log" ADD COLUMN "clock_ahead_s" integer;--> statement-breakpoint
ALTER TABLE "change_log" ADD COLUMN "erased" jsonb;--> statement-breakpoint
ALTER TABLE "export_job" ADD COLUMN "made_by" text;--> statement-breakpoint
ALTER TABLE "inspection" ADD COLUMN "checked_seq" bigint DEFAULT 0 NOT NULL;--> statement-breakpoint
ALTER TABLE "inspection" ADD COLUMN "checked_lines" integer DEFAULT 0 NOT NULL;--> statement-breakpoint
ALTER TABLE "inspection" ADD COLUMN "checked_head" text DEFAULT '' NOT NULL;--> statement-breakpoint
ALTER TABLE "organisation" ADD COLUMN "publishes_places" boolean DEFAULT false NOT NULL;--> statement-breakpoint
ALTER TABLE "organisation" ADD COLUMN "keep_addresses_days" integer DEFAULT 400;--> statement-breakpoint
ALTER TABLE "photo_file" ADD COLUMN "added_by" text;--> statement-breakpoint
ALTER TABLE "photo_file" ADD COLUMN "added_at" timestamp with time zone DEFAULT now();--> statement-breakpoint
ALTER TABLE "photo_file" ADD COLUMN "stripped" integer DEFAULT 1 NOT NULL;--> statement-breakpoint
ALTER TABLE "seal" ADD COLUMN "sealed_by_id" text;--> statement-breakpoint
ALTER TABLE "seal" ADD COLUMN "key_id" uuid;--> statement-breakpoint
ALTER TABLE "lot_lending" ADD CONSTRAINT "lot_lending_lot_id_lot_id_fk" FOREIGN KEY ("lot_id") REFERENCES "public"."lot"("id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "lot_lending" ADD CONSTRAINT "lot_lending_user_id_user_id_fk" FOREIGN KEY ("user_id") REFERENCES "public"."user"("id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "seal_secret" ADD CONSTRAINT "seal_secret_key_id_seal_key_id_fk" FOREIGN KEY ("key_id") REFERENCES "public"."seal_key"("id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
CREATE INDEX "audit_event_org" ON "audit_event" USING btree ("org_id","id");--> statement-breakpoint
CREATE INDEX "lot_lending_user" ON "lot_lending" USING btree ("user_id");--> statement-breakpoint
CREATE INDEX "seal_key_org" ON "seal_key" USING btree ("org_id","valid_from");--> statement-breakpoint
-- When pictures of before came is not known.
update photo_file set added_at = null;
--> statement-breakpoint
-- Each house's key as it was, with a period; bin/migrate.ts encrypts what stands here plainly.
insert into seal_key (id, org_id, house, public_key, valid_from)
  select gen_random_uuid(), o.id, o.name, o.seal_public,
    coalesce((select min(s.sealed_at) from seal s where s.org_id = o.id), now())
  from organisation o;
--> statement-breakpoint
insert into seal_secret (key_id, org_id, box)
  select k.id, k.org_id, 'plain:' || o.seal_secret from seal_key k join organisation o on o.id = k.org_id;
--> statement-breakpoint
alter table rate_bucket set unlogged;
--> statement-breakpoint
grant select, insert, update, delete on sign_in_try, rate_bucket, lot_lending to farvin_app;
--> statement-breakpoint
grant select, insert on audit_event, seal_secret to farvin_app;
--> statement-breakpoint
grant select, insert on seal_key to farvin_app;
--> statement-breakpoint
grant update (valid_to, revoked_at, revoked_from, revoked_why) on seal_key to farvin_app;
--> statement-breakpoint
grant update (publishes_places, keep_addresses_days) on organisation to farvin_app;
--> statement-breakpoint
revoke update on "user" from farvin_app;
--> statement-breakpoint
grant update (name, updated_at) on "user" to farvin_app;
--> statement-breakpoint
grant usage on all sequences in schema public to farvin_app;
--> statement-breakpoint
-- A viewer's own id while a viewer reads; null for everybody else.
create function farvin_reader() returns text language sql stable as
  $$ select nullif(current_setting('farvin.reader', true), '') $$;
--> statement-breakpoint
do $$
declare t text;
begin
  foreach t in array array['audit_event', 'seal_secret', 'lot_lending'] loop
    execute format('alter table %I enable row level security', t);
    execute format('create policy one_organisation on %I using (org_id = (select farvin_org())) with check (org_id = (select farvin_org()))', t);
  end loop;
end $$;
--> statement-breakpoint
-- Public halves of keys are for everybody; a house writes its own.
alter table seal_key enable row level security;
--> statement-breakpoint
create policy read_all on seal_key for select using (true);
--> statement-breakpoint
create policy add_own on seal_key for insert with check (org_id = (select farvin_org()));
--> statement-breakpoint
create policy end_own on seal_key for update using (org_id = (select farvin_org())) with check (org_id = (select farvin_org()));
--> statement-breakpoint
-- What is withheld in the lots lent to the reader: those findings, and the pictures that only they speak of.
create function farvin_withheld() returns setof uuid language sql stable security definer set search_path = public as $$
  with lent as (
    select i.id from inspection i join lot_lending l on l.lot_id = i.lot_id where l.user_id = farvin_reader()
  ), hidden as (
    select r.id, r.inspection_id, r.body from record r
    where r.inspection_id in (select id from lent) and r.kind = 'finding' and coalesce(r.body->>'withheld', '') <> ''
  )
  select id from hidden
  union
  select p.id from record p where p.kind = 'photo' and p.inspection_id in (select id from lent) and (
    p.body->>'finding' in (select id::text from hidden)
    or (exists (select 1 from hidden h where h.inspection_id = p.inspection_id and h.body->'photos' ? p.id::text)
      and not exists (select 1 from record f where f.inspection_id = p.inspection_id and f.kind = 'finding'
        and coalesce(f.body->>'withheld', '') = '' and f.body->'photos' ? p.id::text)))
$$;
--> statement-breakpoint
create policy lent on lot as restrictive using ((select farvin_reader()) is null
  or id in (select lot_id from lot_lending where user_id = (select farvin_reader())));
--> statement-breakpoint
create policy lent on inspection as restrictive using ((select farvin_reader()) is null
  or lot_id in (select lot_id from lot_lending where user_id = (select farvin_reader())));
--> statement-breakpoint
create policy lent on record as restrictive using ((select farvin_reader()) is null
  or (inspection_id in (select id from inspection) and id not in (select farvin_withheld())));
--> statement-breakpoint
create policy lent on change_log as restrictive using ((select farvin_reader()) is null
  or (inspection_id in (select id from inspection) and record_id not in (select farvin_withheld())
    and coalesce(before->>'withheld', '') = '' and coalesce(after->>'withheld', '') = ''));
--> statement-breakpoint
create policy lent on photo_file as restrictive using ((select farvin_reader()) is null
  or sha256 in (select body->>'sha256' from record where kind = 'photo'));
--> statement-breakpoint
create policy lent on seal as restrictive using ((select farvin_reader()) is null
  or inspection_id in (select id from inspection));
--> statement-breakpoint
create policy lent on export_job as restrictive using ((select farvin_reader()) is null
  or (inspection_id in (select id from inspection) and what in ('pdf', 'zip')));
--> statement-breakpoint
do $$
declare t text;
begin
  foreach t in array array['share_link', 'audit_event', 'sign_in_event', 'log_repair', 'seal_secret', 'photo_origin'] loop
    execute format('create policy lent on %I as restrictive for select using ((select farvin_reader()) is null)', t);
  end loop;
end $$;
--> statement-breakpoint
-- Only the tables' owner erases, and says so for the transaction.
create function farvin_erasing() returns boolean language sql stable as
  $$ select current_user <> 'farvin_app' and coalesce(current_setting('farvin.erasing', true), '') = 'yes' $$;
--> statement-breakpoint
create function refuse_closed_records() returns trigger language plpgsql as $$
begin
  if farvin_erasing() then return null; end if;
  if exists (select 1 from changed c join inspection i on i.id = c.inspection_id where i.state in ('sealed', 'given-up')) then
    raise exception 'records of a closed inspection do not change' using errcode = 'restrict_violation';
  end if;
  return null;
end $$;
--> statement-breakpoint
create trigger record_closed_insert after insert on record referencing new table as changed
  for each statement execute function refuse_closed_records();
--> statement-breakpoint
create trigger record_closed_update after update on record referencing new table as changed
  for each statement execute function refuse_closed_records();
--> statement-breakpoint
create trigger record_closed_delete after delete on record referencing old table as changed
  for each statement execute function refuse_closed_records();
--> statement-breakpoint
create function refuse_reopening() returns trigger language plpgsql as $$
begin
  if old.state in ('sealed', 'given-up') and not farvin_erasing() and (new.state, new.log_head, new.change_count, new.log_base, new.lot_id, new.revision)
    is distinct from (old.state, old.log_head, old.change_count, old.log_base, old.lot_id, old.revision) then
    raise exception 'a closed inspection stays as it is' using errcode = 'restrict_violation';
  end if;
  return new;
end $$;
--> statement-breakpoint
create trigger inspection_stays_closed before update on inspection for each row execute function refuse_reopening();
--> statement-breakpoint
-- A line goes on from the one before it, or from where the log begins.
create function refuse_unchained() returns trigger language plpgsql as $$
begin
  if exists (
    select 1 from (
      select n.inspection_id, n.seq, n.previous_hash, lag(n.hash) over w as hash_before, row_number() over w as nth
      from added n window w as (partition by n.inspection_id order by n.seq)
    ) x
    join inspection i on i.id = x.inspection_id
    left join lateral (
      select l.hash from change_log l where l.inspection_id = x.inspection_id and l.seq < x.seq order by l.seq desc limit 1
    ) p on x.nth = 1
    where i.state in ('sealed', 'given-up')
      or x.previous_hash is distinct from case when x.nth > 1 then x.hash_before else coalesce(p.hash, i.log_base) end
  ) then
    raise exception 'a line of the log does not go on from the one before it' using errcode = 'restrict_violation';
  end if;
  return null;
end $$;
--> statement-breakpoint
create trigger change_log_chained after insert on change_log referencing new table as added
  for each statement execute function refuse_unchained();
--> statement-breakpoint
-- Written once: what may be taken out of a line is what a person or a car left in it, by the owner, while erasing.
drop trigger change_log_append_only on change_log;
--> statement-breakpoint
drop trigger seal_append_only on seal;
--> statement-breakpoint
create trigger change_log_kept before delete or truncate on change_log for each statement execute function refuse_rewrite();
--> statement-breakpoint
create trigger seal_kept before delete or truncate on seal for each statement execute function refuse_rewrite();
--> statement-breakpoint
create trigger audit_event_kept before delete or truncate on audit_event for each statement execute function refuse_rewrite();
--> statement-breakpoint
create trigger sign_in_event_kept before delete or truncate on sign_in_event for each statement execute function refuse_rewrite();
--> statement-breakpoint
create function refuse_all_but_erasing() returns trigger language plpgsql as $$
declare
  erasable text[] := tg_argv[0]::text[];
begin
  if not farvin_erasing() or (to_jsonb(new) - erasable) is distinct from (to_jsonb(old) - erasable) then
    raise exception '% is append-only', tg_table_name using errcode = 'restrict_violation';
  end if;
  return new;
end $$;
--> statement-breakpoint
create trigger change_log_erased before update on change_log for each row
  execute function refuse_all_but_erasing('{before,after,erased,actor_name}');
--> statement-breakpoint
create trigger seal_erased before update on seal for each row execute function refuse_all_but_erasing('{report,sealed_by}');
--> statement-breakpoint
create trigger audit_event_erased before update on audit_event for each row
  execute function refuse_all_but_erasing('{actor_name,detail}');
--> statement-breakpoint
create trigger sign_in_event_erased before update on sign_in_event for each row
  execute function refuse_all_but_erasing('{address,agent}');
--> statement-breakpoint
create function refuse_key_change() returns trigger language plpgsql as $$
begin
  if (new.id, new.org_id, new.public_key, new.valid_from) is distinct from (old.id, old.org_id, old.public_key, old.valid_from)
    or (old.revoked_at is not null and new.revoked_at is distinct from old.revoked_at) then
    raise exception 'a key stays what it is' using errcode = 'restrict_violation';
  end if;
  return new;
end $$;
--> statement-breakpoint
create trigger seal_key_stays before update on seal_key for each row execute function refuse_key_change();
--> statement-breakpoint
-- The next export to make, whichever house's: waiting ones first of the house served longest ago, and those that a server
-- left standing. `served` names houses in the order in which they were served, the last one last.
create function farvin_next_export(server text, served uuid[], left_after interval) returns table (id uuid, org_id uuid, user_id text)
language plpgsql security definer set search_path = public as $$
begin
  update export_job j set state = 'failed', message = 'It could not be made in two hours. Make it again.'
    where j.state = 'making' and j.created_at < now() - interval '2 hours' and j.moved_at < now() - left_after;
  return query
    update export_job j set made_by = server, moved_at = now()
    where j.id = (
      select k.id from export_job k
      where k.state = 'making' and (k.made_by is null or k.moved_at < now() - left_after)
      order by coalesce(array_position(served, k.org_id), 0), k.created_at
      limit 1 for update skip locked)
    returning j.id, j.org_id, j.created_by;
end $$;
--> statement-breakpoint
-- Exports whose file has served its time: their rows go, their files follow (their names are returned).
create function farvin_expired_exports(days int) returns table (id uuid, org_id uuid)
language sql security definer set search_path = public as
  $$ delete from export_job j where j.state <> 'making' and j.moved_at < now() - make_interval(days => days) returning j.id, j.org_id $$;
--> statement-breakpoint
-- Addresses and devices of sign-ins, and addresses that opened links, go when the house keeps them no longer.
create function farvin_forget_addresses() returns int language plpgsql security definer set search_path = public as $$
declare n int; m int;
begin
  perform set_config('farvin.erasing', 'yes', true);
  update sign_in_event e set address = '', agent = '' from organisation o
    where o.id = e.org_id and o.keep_addresses_days is not null
      and e.at < now() - make_interval(days => o.keep_addresses_days) and (e.address <> '' or e.agent <> '');
  get diagnostics n = row_count;
  update audit_event e set detail = e.detail - 'address' from organisation o
    where o.id = e.org_id and o.keep_addresses_days is not null
      and e.at < now() - make_interval(days => o.keep_addresses_days) and e.detail ? 'address';
  get diagnostics m = row_count;
  perform set_config('farvin.erasing', '', true);
  return n + m;
end $$;
--> statement-breakpoint
revoke execute on function farvin_next_export, farvin_expired_exports, farvin_forget_addresses, farvin_withheld from public;
--> statement-breakpoint
grant execute on function farvin_next_export, farvin_expired_exports, farvin_forget_addresses, farvin_withheld to farvin_app;
--> statement-breakpoint
grant usage on schema drizzle to farvin_app;
--> statement-breakpoint
grant select on drizzle.__drizzle_migrations to farvin_app;
