CREATE TABLE "sign_in_event" (
	"id" bigserial PRIMARY KEY NOT NULL,
	"at" timestamp with time zone NOT NULL,
	"org_id" uuid,
	"user_id" text,
	"what" text NOT NULL,
	"address" text DEFAULT '' NOT NULL,
	"agent" text DEFAULT '' NOT NULL
);
--> statement-breakpoint
CREATE TABLE "export_job" (
	"id" uuid PRIMARY KEY NOT NULL,
	"org_id" uuid NOT NULL,
	"inspection_id" uuid NOT NULL,
	"what" text NOT NULL,
	"state" text DEFAULT 'making' NOT NULL,
	"done" integer DEFAULT 0 NOT NULL,
	"total" integer DEFAULT 0 NOT NULL,
	"bytes" integer DEFAULT 0 NOT NULL,
	"message" text DEFAULT '' NOT NULL,
	"created_by" text NOT NULL,
	"created_at" timestamp with time zone DEFAULT now() NOT NULL,
	"moved_at" timestamp with time zone DEFAULT now() NOT NULL
);
--> statement-breakpoint
ALTER TABLE "export_job" ADD CONSTRAINT "export_job_org_id_organisation_id_fk" FOREIGN KEY ("org_id") REFERENCES "public"."organisation"("id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "export_job" ADD CONSTRAINT "export_job_inspection_id_inspection_id_fk" FOREIGN KEY ("inspection_id") REFERENCES "public"."inspection"("id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
CREATE INDEX "sign_in_event_org" ON "sign_in_event" USING btree ("org_id","id");--> statement-breakpoint
CREATE INDEX "export_job_org" ON "export_job" USING btree ("org_id","inspection_id");--> statement-breakpoint
-- The application's role: owns nothing, and sees the rows of one organisation per transaction.
do $$ begin
  create role farvin_app nologin;
exception when duplicate_object or unique_violation then null;
end $$;
--> statement-breakpoint
grant usage on schema public to farvin_app;
--> statement-breakpoint
grant select on organisation, membership, org_table to farvin_app;
--> statement-breakpoint
grant select, insert, update, delete on sale, lot, inspection, record, photo_file, share_link, export_job,
  session, verification, sign_in_failure to farvin_app;
--> statement-breakpoint
grant insert, update, delete on org_table to farvin_app;
--> statement-breakpoint
grant select, insert on change_log, seal, sign_in_event to farvin_app;
--> statement-breakpoint
grant select, update on "user", account to farvin_app;
--> statement-breakpoint
grant usage on all sequences in schema public to farvin_app;
--> statement-breakpoint
create function farvin_org() returns uuid language sql stable as
  $$ select nullif(current_setting('farvin.org', true), '')::uuid $$;
--> statement-breakpoint
do $$
declare t text;
begin
  foreach t in array array['org_table', 'sale', 'lot', 'inspection', 'record', 'change_log', 'photo_file', 'seal', 'export_job'] loop
    execute format('alter table %I enable row level security', t);
    execute format('create policy one_organisation on %I using (org_id = (select farvin_org())) with check (org_id = (select farvin_org()))', t);
  end loop;
end $$;
--> statement-breakpoint
alter table organisation enable row level security;
--> statement-breakpoint
create policy one_organisation on organisation using (id = (select farvin_org()));
--> statement-breakpoint
alter table membership enable row level security;
--> statement-breakpoint
create policy own on membership using (org_id = (select farvin_org()) or user_id = current_setting('farvin.user', true));
--> statement-breakpoint
alter table share_link enable row level security;
--> statement-breakpoint
create policy one_organisation on share_link
  using (org_id = (select farvin_org()) or token_hash = current_setting('farvin.link', true))
  with check (org_id = (select farvin_org()));
--> statement-breakpoint
alter table sign_in_event enable row level security;
--> statement-breakpoint
create policy read_one_organisation on sign_in_event for select using (org_id = (select farvin_org()));
--> statement-breakpoint
create policy note_any on sign_in_event for insert with check (true);
