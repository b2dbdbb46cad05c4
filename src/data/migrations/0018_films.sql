CREATE TABLE "film_file" (
	"org_id" uuid NOT NULL,
	"sha256" text NOT NULL,
	"origin_sha256" text NOT NULL,
	"type" text NOT NULL,
	"bytes" bigint NOT NULL,
	"part_bytes" integer NOT NULL,
	"added_by" text,
	"added_at" timestamp with time zone DEFAULT now() NOT NULL,
	CONSTRAINT "film_file_org_id_sha256_pk" PRIMARY KEY("org_id","sha256")
);
--> statement-breakpoint
ALTER TABLE "film_file" ADD CONSTRAINT "film_file_org_id_organisation_id_fk" FOREIGN KEY ("org_id") REFERENCES "public"."organisation"("id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
grant select, insert, delete on film_file to farvin_app;
--> statement-breakpoint
alter table film_file enable row level security;
--> statement-breakpoint
create policy one_organisation on film_file using (org_id = (select farvin_org())) with check (org_id = (select farvin_org()));
--> statement-breakpoint
create policy lent on film_file as restrictive using ((select farvin_reader()) is null
  or sha256 in (select body->>'sha256' from record where kind = 'film'));
--> statement-breakpoint
create policy by_role_add on film_file as restrictive for insert
  with check ((select farvin_role()) is null or (select farvin_role()) in ('manager', 'inspector'));
--> statement-breakpoint
create policy by_role_take_out on film_file as restrictive for delete
  using ((select farvin_role()) is null or (select farvin_role()) in ('manager', 'inspector'));
--> statement-breakpoint
-- What is withheld in the lots lent to the reader: those findings, the pictures that only they speak of, the words of a film
-- that became them, and what the house expects and would spend.
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
  select m.id from record m where m.kind = 'moment' and m.inspection_id in (select id from lent)
    and m.body->>'of' in (select id::text from hidden)
  union
  select p.id from record p where p.kind = 'photo' and p.inspection_id in (select id from lent) and (
    p.body->>'finding' in (select id::text from hidden)
    or (exists (select 1 from hidden h where h.inspection_id = p.inspection_id and h.body->'photos' ? p.id::text)
      and not exists (select 1 from record f where f.inspection_id = p.inspection_id and f.kind = 'finding'
        and coalesce(f.body->>'withheld', '') = '' and f.body->'photos' ? p.id::text)))
$$;
