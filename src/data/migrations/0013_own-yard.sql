CREATE TABLE "two_factor" (
	"id" text PRIMARY KEY NOT NULL,
	"secret" text NOT NULL,
	"backup_codes" text NOT NULL,
	"user_id" text NOT NULL,
	"verified" boolean DEFAULT true,
	"failed_verification_count" integer DEFAULT 0,
	"locked_until" timestamp with time zone
);
--> statement-breakpoint
CREATE TABLE "invitation" (
	"id" uuid PRIMARY KEY NOT NULL,
	"org_id" uuid NOT NULL,
	"purpose" text NOT NULL,
	"role" text NOT NULL,
	"name" text DEFAULT '' NOT NULL,
	"email" text DEFAULT '' NOT NULL,
	"user_id" text,
	"token_hash" text NOT NULL,
	"created_by" text NOT NULL,
	"created_at" timestamp with time zone DEFAULT now() NOT NULL,
	"expires_at" timestamp with time zone NOT NULL,
	"used_at" timestamp with time zone,
	"withdrawn_at" timestamp with time zone,
	CONSTRAINT "invitation_token_hash_unique" UNIQUE("token_hash")
);
--> statement-breakpoint
CREATE TABLE "lot_assignment" (
	"lot_id" uuid NOT NULL,
	"user_id" text NOT NULL,
	"org_id" uuid NOT NULL,
	"at" timestamp with time zone DEFAULT now() NOT NULL,
	CONSTRAINT "lot_assignment_lot_id_user_id_pk" PRIMARY KEY("lot_id","user_id")
);
--> statement-breakpoint
CREATE TABLE "org_table_change" (
	"id" bigserial PRIMARY KEY NOT NULL,
	"org_id" uuid NOT NULL,
	"name" text NOT NULL,
	"at" timestamp with time zone DEFAULT now() NOT NULL,
	"actor_id" text NOT NULL,
	"actor_name" text NOT NULL,
	"before" jsonb,
	"after" jsonb
);
--> statement-breakpoint
CREATE TABLE "sale_lending" (
	"sale_id" uuid NOT NULL,
	"user_id" text NOT NULL,
	"org_id" uuid NOT NULL,
	"lent_by" text NOT NULL,
	"at" timestamp with time zone DEFAULT now() NOT NULL,
	CONSTRAINT "sale_lending_sale_id_user_id_pk" PRIMARY KEY("sale_id","user_id")
);
--> statement-breakpoint
ALTER TABLE "membership" DROP CONSTRAINT "membership_role";--> statement-breakpoint
ALTER TABLE "user" ADD COLUMN "two_factor_enabled" boolean DEFAULT false;--> statement-breakpoint
ALTER TABLE "lot" ADD COLUMN "consignor" text DEFAULT '' NOT NULL;--> statement-breakpoint
ALTER TABLE "lot" ADD COLUMN "consignor_id" text;--> statement-breakpoint
ALTER TABLE "lot" ADD COLUMN "reserve_days" integer;--> statement-breakpoint
ALTER TABLE "lot" ADD COLUMN "due_by_sale" boolean DEFAULT false NOT NULL;--> statement-breakpoint
ALTER TABLE "lot" ADD COLUMN "keys_with" text DEFAULT '' NOT NULL;--> statement-breakpoint
ALTER TABLE "lot" ADD COLUMN "stands" text DEFAULT '' NOT NULL;--> statement-breakpoint
ALTER TABLE "lot" ADD COLUMN "comes_with" text DEFAULT '' NOT NULL;--> statement-breakpoint
ALTER TABLE "lot" ADD COLUMN "withdrawn_at" timestamp with time zone;--> statement-breakpoint
ALTER TABLE "lot" ADD COLUMN "withdrawn_why" text DEFAULT '' NOT NULL;--> statement-breakpoint
ALTER TABLE "organisation" ADD COLUMN "words" text DEFAULT 'en-GB' NOT NULL;--> statement-breakpoint
ALTER TABLE "organisation" ADD COLUMN "units" text DEFAULT 'um' NOT NULL;--> statement-breakpoint
ALTER TABLE "organisation" ADD COLUMN "time_zone" text DEFAULT 'UTC' NOT NULL;--> statement-breakpoint
ALTER TABLE "organisation" ADD COLUMN "currency" text DEFAULT 'VK' NOT NULL;--> statement-breakpoint
ALTER TABLE "sale" ADD COLUMN "catalogue_on" date;--> statement-breakpoint
ALTER TABLE "sale" ADD COLUMN "report_days_before" integer;--> statement-breakpoint
ALTER TABLE "sale" ADD COLUMN "words" text DEFAULT 'en-GB' NOT NULL;--> statement-breakpoint
ALTER TABLE "sale" ADD COLUMN "units" text DEFAULT 'um' NOT NULL;--> statement-breakpoint
ALTER TABLE "sale" ADD COLUMN "kerb" text DEFAULT 'left' NOT NULL;--> statement-breakpoint
ALTER TABLE "sale" ADD COLUMN "embargo_until" timestamp with time zone;--> statement-breakpoint
ALTER TABLE "sale" ADD COLUMN "state" text DEFAULT 'open' NOT NULL;--> statement-breakpoint
ALTER TABLE "two_factor" ADD CONSTRAINT "two_factor_user_id_user_id_fk" FOREIGN KEY ("user_id") REFERENCES "public"."user"("id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "invitation" ADD CONSTRAINT "invitation_org_id_organisation_id_fk" FOREIGN KEY ("org_id") REFERENCES "public"."organisation"("id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "invitation" ADD CONSTRAINT "invitation_user_id_user_id_fk" FOREIGN KEY ("user_id") REFERENCES "public"."user"("id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "lot_assignment" ADD CONSTRAINT "lot_assignment_lot_id_lot_id_fk" FOREIGN KEY ("lot_id") REFERENCES "public"."lot"("id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "lot_assignment" ADD CONSTRAINT "lot_assignment_user_id_user_id_fk" FOREIGN KEY ("user_id") REFERENCES "public"."user"("id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "sale_lending" ADD CONSTRAINT "sale_lending_sale_id_sale_id_fk" FOREIGN KEY ("sale_id") REFERENCES "public"."sale"("id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "sale_lending" ADD CONSTRAINT "sale_lending_user_id_user_id_fk" FOREIGN KEY ("user_id") REFERENCES "public"."user"("id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
CREATE INDEX "two_factor_user" ON "two_factor" USING btree ("user_id");--> statement-breakpoint
CREATE INDEX "invitation_org" ON "invitation" USING btree ("org_id","created_at");--> statement-breakpoint
CREATE INDEX "lot_assignment_user" ON "lot_assignment" USING btree ("user_id");--> statement-breakpoint
CREATE INDEX "org_table_change_org" ON "org_table_change" USING btree ("org_id","name","id");--> statement-breakpoint
CREATE INDEX "sale_lending_user" ON "sale_lending" USING btree ("user_id");--> statement-breakpoint
ALTER TABLE "lot" ADD CONSTRAINT "lot_consignor_id_user_id_fk" FOREIGN KEY ("consignor_id") REFERENCES "public"."user"("id") ON DELETE set null ON UPDATE no action;--> statement-breakpoint
CREATE INDEX "lot_consignor" ON "lot" USING btree ("consignor_id");--> statement-breakpoint
ALTER TABLE "membership" ADD CONSTRAINT "membership_role" CHECK (role in ('manager', 'inspector', 'editor', 'consignor', 'viewer'));--> statement-breakpoint
ALTER TABLE "sale" ADD CONSTRAINT "sale_state" CHECK (state in ('open', 'closed', 'archived'));--> statement-breakpoint
grant select, insert, delete on sale_lending, lot_assignment to farvin_app;
--> statement-breakpoint
grant select, insert on invitation, org_table_change to farvin_app;
--> statement-breakpoint
grant update (withdrawn_at) on invitation to farvin_app;
--> statement-breakpoint
grant select, insert, update, delete on two_factor to farvin_app;
--> statement-breakpoint
grant update (two_factor_enabled) on "user" to farvin_app;
--> statement-breakpoint
grant update (role) on membership to farvin_app;
--> statement-breakpoint
grant update (name, words, units, time_zone, currency) on organisation to farvin_app;
--> statement-breakpoint
grant usage on all sequences in schema public to farvin_app;
--> statement-breakpoint
create trigger org_table_change_kept before update or delete or truncate on org_table_change
  for each statement execute function refuse_rewrite();
--> statement-breakpoint
do $$
declare t text;
begin
  foreach t in array array['invitation', 'sale_lending', 'lot_assignment', 'org_table_change'] loop
    execute format('alter table %I enable row level security', t);
    execute format('create policy one_organisation on %I using (org_id = (select farvin_org())) with check (org_id = (select farvin_org()))', t);
  end loop;
  foreach t in array array['sale_lending', 'lot_assignment'] loop
    execute format('create trigger %I after insert or update or delete on %I for each row execute function tell_house()', t || '_told', t);
  end loop;
end $$;
--> statement-breakpoint
-- The role of who asks, while a person asks; null while the program works for a house.
create function farvin_role() returns text language sql stable as
  $$ select nullif(current_setting('farvin.role', true), '') $$;
--> statement-breakpoint
-- Lots and sales that a reader who sees own lots only may see: lent alone, lent with their sale, brought by that person.
create function farvin_lots() returns setof uuid language sql stable security definer set search_path = public as $$
  select lot_id from lot_lending where user_id = farvin_reader() and org_id = farvin_org()
  union
  select l.id from lot l join sale_lending s on s.sale_id = l.sale_id where s.user_id = farvin_reader() and l.org_id = farvin_org()
  union
  select id from lot where consignor_id = farvin_reader() and org_id = farvin_org()
$$;
--> statement-breakpoint
create function farvin_sales() returns setof uuid language sql stable security definer set search_path = public as $$
  select sale_id from lot where id in (select farvin_lots())
  union
  select sale_id from sale_lending where user_id = farvin_reader() and org_id = farvin_org()
$$;
--> statement-breakpoint
alter policy lent on lot using ((select farvin_reader()) is null or id in (select farvin_lots()));
--> statement-breakpoint
alter policy lent on inspection using ((select farvin_reader()) is null or lot_id in (select farvin_lots()));
--> statement-breakpoint
create policy lent on sale as restrictive using ((select farvin_reader()) is null or id in (select farvin_sales()));
--> statement-breakpoint
do $$
declare t text;
begin
  foreach t in array array['lot_lending', 'sale_lending'] loop
    execute format('create policy lent on %I as restrictive for select using ((select farvin_reader()) is null or user_id = (select farvin_reader()))', t);
  end loop;
  foreach t in array array['invitation', 'lot_assignment', 'org_table_change'] loop
    execute format('create policy lent on %I as restrictive for select using ((select farvin_reader()) is null)', t);
  end loop;
end $$;
--> statement-breakpoint
create or replace function farvin_withheld() returns setof uuid language sql stable security definer set search_path = public as $$
  with lent as (
    select i.id from inspection i where i.lot_id in (select farvin_lots())
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
-- What each role may write (core/people/roles.ts). Whoever may not is refused by the table itself.
do $$
declare
  t text;
  verb text;
  rule text;
begin
  foreach t in array array['sale', 'lot', 'sale_lending', 'lot_lending', 'lot_assignment', 'invitation', 'org_table',
      'org_table_change', 'seal', 'seal_key', 'seal_secret', 'membership', 'organisation',
      'share_link', 'record', 'change_log', 'photo_file', 'photo_origin', 'log_repair'] loop
    rule := case
      when t = 'share_link' then $r$(select farvin_role()) in ('manager', 'editor')$r$
      when t in ('record', 'change_log') then
        $r$((select farvin_role()) in ('manager', 'inspector') or ((select farvin_role()) = 'consignor' and kind = 'claim'))$r$
      when t in ('photo_file', 'photo_origin', 'log_repair') then $r$(select farvin_role()) in ('manager', 'inspector')$r$
      else $r$(select farvin_role()) = 'manager'$r$
    end;
    rule := '((select farvin_role()) is null or ' || rule || ')';
    execute format('create policy by_role_add on %I as restrictive for insert with check %s', t, rule);
    execute format('create policy by_role_change on %I as restrictive for update using %s with check %s', t, rule, rule);
    execute format('create policy by_role_take_out on %I as restrictive for delete using %s', t, rule);
  end loop;
end $$;
--> statement-breakpoint
create policy by_role_add on inspection as restrictive for insert
  with check ((select farvin_role()) is null or (select farvin_role()) in ('manager', 'inspector'));
--> statement-breakpoint
create policy by_role_take_out on inspection as restrictive for delete
  using ((select farvin_role()) is null or (select farvin_role()) = 'manager');
--> statement-breakpoint
-- Who keeps no records moves no inspection on: its summary, and where its log was checked, are the program's.
create function refuse_by_role() returns trigger language plpgsql as $$
begin
  if farvin_role() in ('editor', 'viewer') and (new.state, new.log_head, new.change_count, new.log_base, new.revision_reason)
      is distinct from (old.state, old.log_head, old.change_count, old.log_base, old.revision_reason)
    or farvin_role() = 'consignor' and (new.state, new.log_base, new.revision_reason)
      is distinct from (old.state, old.log_base, old.revision_reason)
    or new.state = 'sealed' and old.state <> 'sealed' and farvin_role() <> 'manager' then
    raise exception 'the role % may not do this', farvin_role() using errcode = 'insufficient_privilege';
  end if;
  return new;
end $$;
--> statement-breakpoint
create trigger inspection_by_role before update on inspection for each row execute function refuse_by_role();
--> statement-breakpoint
-- What a lot shows of its inspection follows it whoever wrote that.
alter function lot_follows_inspection() security definer set search_path = public;
--> statement-breakpoint
-- A line goes on from the one before it, also from one that its writer is not shown.
alter function refuse_unchained() security definer set search_path = public;
--> statement-breakpoint
-- A house keeps a manager.
create function refuse_last_manager() returns trigger language plpgsql security definer set search_path = public as $$
begin
  perform 1 from organisation where id = old.org_id for update;
  if found and not exists (select 1 from membership where org_id = old.org_id and role = 'manager') then
    raise exception 'a house keeps a manager' using errcode = 'restrict_violation', constraint = 'last_manager';
  end if;
  return null;
end $$;
--> statement-breakpoint
create trigger membership_keeps_manager after update or delete on membership for each row
  when (old.role = 'manager') execute function refuse_last_manager();
--> statement-breakpoint
-- Whether there is a house here already: the first one is opened by whoever starts the program.
create function farvin_has_yard() returns boolean language sql stable security definer set search_path = public as
  $$ select exists (select 1 from organisation) $$;
--> statement-breakpoint
create function farvin_start_yard(org uuid, house text, given_words text, given_units text, zone text, money text,
  who text, account_id text, person text, mail text, hash text) returns boolean
language plpgsql security definer set search_path = public as $$
begin
  perform pg_advisory_xact_lock(7245002);
  if exists (select 1 from organisation) then return false; end if;
  insert into organisation (id, name, words, units, time_zone, currency) values (org, house, given_words, given_units, zone, money);
  insert into "user" (id, name, email, email_verified) values (who, person, lower(mail), true);
  insert into account (id, account_id, provider_id, user_id, password) values (account_id, who, 'credential', who, hash);
  insert into membership (user_id, org_id, role) values (who, org, 'manager');
  return true;
end $$;
--> statement-breakpoint
-- What a link that lets somebody in says to whoever holds it.
create function farvin_invitation(token text) returns table (house text, purpose text, role text, name text, email text, standing text)
language sql stable security definer set search_path = public as $$
  select o.name, i.purpose, i.role, i.name, i.email,
    case when i.used_at is not null then 'used' when i.withdrawn_at is not null then 'withdrawn'
      when i.expires_at <= now() then 'expired' else 'open' end
  from invitation i join organisation o on o.id = i.org_id where i.token_hash = token
$$;
--> statement-breakpoint
-- Lets in whoever holds a link, once. A link that recovers sets the password anew, ends every session, and takes the
-- second step off, since what it was bound to may be lost.
create function farvin_let_in(token text, new_user text, new_account text, person text, mail text, hash text)
returns table (outcome text, org uuid, who text)
language plpgsql security definer set search_path = public as $$
declare
  i invitation;
  present text;
begin
  select * into i from invitation v where v.token_hash = token for update;
  if i.id is null then return query select 'unknown', null::uuid, null::text; return; end if;
  if i.used_at is not null then return query select 'used', null::uuid, null::text; return; end if;
  if i.withdrawn_at is not null then return query select 'withdrawn', null::uuid, null::text; return; end if;
  if i.expires_at <= now() then return query select 'expired', null::uuid, null::text; return; end if;
  if i.purpose = 'recover' then
    if not exists (select 1 from membership m where m.user_id = i.user_id and m.org_id = i.org_id) then
      return query select 'withdrawn', null::uuid, null::text; return;
    end if;
    update account a set password = hash, updated_at = now() where a.user_id = i.user_id and a.provider_id = 'credential';
    if not found then
      insert into account (id, account_id, provider_id, user_id, password) values (new_account, i.user_id, 'credential', i.user_id, hash);
    end if;
    delete from two_factor f where f.user_id = i.user_id;
    update "user" u set two_factor_enabled = false where u.id = i.user_id;
    delete from session s where s.user_id = i.user_id;
    update invitation v set used_at = now() where v.id = i.id;
    return query select 'recovered', i.org_id, i.user_id; return;
  end if;
  select u.id into present from "user" u where u.email = lower(mail);
  if present is not null and exists (select 1 from membership m where m.user_id = present) then
    return query select 'email-taken', null::uuid, null::text; return;
  end if;
  if present is null then
    insert into "user" (id, name, email, email_verified) values (new_user, person, lower(mail), true);
    present := new_user;
  else
    -- Somebody who was here before comes back under the same address.
    update "user" u set name = person, two_factor_enabled = false where u.id = present;
    delete from account a where a.user_id = present;
    delete from two_factor f where f.user_id = present;
    delete from session s where s.user_id = present;
  end if;
  insert into account (id, account_id, provider_id, user_id, password) values (new_account, present, 'credential', present, hash);
  insert into membership (user_id, org_id, role) values (present, i.org_id, i.role);
  update invitation v set used_at = now(), user_id = present where v.id = i.id;
  return query select 'joined', i.org_id, present;
end $$;
--> statement-breakpoint
-- Lets a person go, or leave by the own wish: no way in any more, nothing given or lent; what was entered keeps its name.
create function farvin_let_go(person text) returns boolean language plpgsql security definer set search_path = public as $$
begin
  if farvin_org() is null or (farvin_role() is distinct from 'manager'
      and person is distinct from nullif(current_setting('farvin.actor', true), '')) then
    raise exception 'only a manager lets somebody else go' using errcode = 'insufficient_privilege';
  end if;
  delete from membership m where m.user_id = person and m.org_id = farvin_org();
  if not found then return false; end if;
  delete from lot_lending l where l.user_id = person and l.org_id = farvin_org();
  delete from sale_lending l where l.user_id = person and l.org_id = farvin_org();
  delete from lot_assignment a where a.user_id = person and a.org_id = farvin_org();
  update lot l set consignor_id = null where l.consignor_id = person and l.org_id = farvin_org();
  update invitation v set withdrawn_at = now() where v.user_id = person and v.org_id = farvin_org() and v.used_at is null;
  if not exists (select 1 from membership m where m.user_id = person) then
    delete from session s where s.user_id = person;
    delete from account a where a.user_id = person;
    delete from two_factor f where f.user_id = person;
  end if;
  return true;
end $$;
--> statement-breakpoint
-- The Yard shows and searches by whom a lot is given to.
create function name_keepers(l uuid) returns void language sql security definer set search_path = public as $$
  update lot set keeper = coalesce((select string_agg(u.name, ', ' order by a.at, u.name)
    from lot_assignment a join "user" u on u.id = a.user_id where a.lot_id = l), '') where id = l
$$;
--> statement-breakpoint
create function lot_names_keepers() returns trigger language plpgsql security definer set search_path = public as $$
begin
  perform name_keepers(coalesce(new.lot_id, old.lot_id));
  return null;
end $$;
--> statement-breakpoint
create function person_renames_keepers() returns trigger language plpgsql security definer set search_path = public as $$
begin
  perform name_keepers(a.lot_id) from lot_assignment a where a.user_id = new.id;
  return null;
end $$;
--> statement-breakpoint
create trigger user_renamed after update of name on "user" for each row
  when (old.name is distinct from new.name) execute function person_renames_keepers();
--> statement-breakpoint
create trigger lot_assignment_named after insert or delete on lot_assignment for each row execute function lot_names_keepers();
--> statement-breakpoint
revoke execute on function name_keepers, farvin_lots, farvin_sales, farvin_has_yard, farvin_start_yard, farvin_invitation, farvin_let_in, farvin_let_go from public;
--> statement-breakpoint
grant execute on function farvin_lots, farvin_sales, farvin_has_yard, farvin_start_yard, farvin_invitation, farvin_let_in, farvin_let_go to farvin_app;
