CREATE TABLE "deletion" (
	"id" uuid PRIMARY KEY NOT NULL,
	"org_id" uuid NOT NULL,
	"what" text NOT NULL,
	"target" text NOT NULL,
	"name" text NOT NULL,
	"why" text NOT NULL,
	"asked_by_id" text NOT NULL,
	"asked_by" text NOT NULL,
	"asked_at" timestamp with time zone DEFAULT now() NOT NULL,
	"due_at" timestamp with time zone NOT NULL,
	"called_off_at" timestamp with time zone,
	"done_at" timestamp with time zone,
	"message" text DEFAULT '' NOT NULL
);
--> statement-breakpoint
ALTER TABLE "deletion" ADD CONSTRAINT "deletion_org_id_organisation_id_fk" FOREIGN KEY ("org_id") REFERENCES "public"."organisation"("id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
CREATE INDEX "deletion_org" ON "deletion" USING btree ("org_id","due_at");--> statement-breakpoint
grant select, insert on deletion to farvin_app;
--> statement-breakpoint
grant update (called_off_at) on deletion to farvin_app;
--> statement-breakpoint
alter table deletion enable row level security;
--> statement-breakpoint
create policy one_organisation on deletion using (org_id = (select farvin_org())) with check (org_id = (select farvin_org()));
--> statement-breakpoint
create policy managers_only on deletion as restrictive using ((select farvin_role()) is null or (select farvin_role()) = 'manager')
  with check ((select farvin_role()) is null or (select farvin_role()) = 'manager');
