CREATE TABLE "listing" (
	"lot_id" uuid PRIMARY KEY NOT NULL,
	"org_id" uuid NOT NULL,
	"short" text NOT NULL,
	"long" jsonb NOT NULL,
	"contradicted" integer NOT NULL,
	"allowed_why" text DEFAULT '' NOT NULL,
	"allowed_by" text DEFAULT '' NOT NULL,
	"edited_by" text NOT NULL,
	"edited_at" timestamp with time zone NOT NULL
);
--> statement-breakpoint
ALTER TABLE "listing" ADD CONSTRAINT "listing_lot_id_lot_id_fk" FOREIGN KEY ("lot_id") REFERENCES "public"."lot"("id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "listing" ADD CONSTRAINT "listing_org_id_organisation_id_fk" FOREIGN KEY ("org_id") REFERENCES "public"."organisation"("id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
grant select, insert, update, delete on listing to farvin_app;
--> statement-breakpoint
alter table listing enable row level security;
--> statement-breakpoint
create policy one_organisation on listing using (org_id = (select farvin_org())) with check (org_id = (select farvin_org()));
--> statement-breakpoint
-- A draft of a listing is the house's.
create policy lent on listing as restrictive for select using ((select farvin_reader()) is null);
--> statement-breakpoint
create policy by_role_add on listing as restrictive for insert with check ((select farvin_role()) in ('manager', 'editor'));
--> statement-breakpoint
create policy by_role_change on listing as restrictive for update
  using ((select farvin_role()) in ('manager', 'editor')) with check ((select farvin_role()) in ('manager', 'editor'));
--> statement-breakpoint
create policy by_role_take_out on listing as restrictive for delete using ((select farvin_role()) in ('manager', 'editor'));
