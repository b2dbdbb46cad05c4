CREATE TABLE "practice_lot" (
	"lot_id" uuid PRIMARY KEY NOT NULL,
	"org_id" uuid NOT NULL,
	"person" text NOT NULL,
	"kind" text NOT NULL,
	"course" integer,
	"minutes" integer,
	"truth" jsonb,
	"of_lot" uuid,
	"started_at" timestamp with time zone NOT NULL,
	"closed_at" timestamp with time zone,
	"outcome" jsonb
);
--> statement-breakpoint
ALTER TABLE "sale" DROP CONSTRAINT "sale_state";--> statement-breakpoint
ALTER TABLE "practice_lot" ADD CONSTRAINT "practice_lot_lot_id_lot_id_fk" FOREIGN KEY ("lot_id") REFERENCES "public"."lot"("id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "practice_lot" ADD CONSTRAINT "practice_lot_org_id_organisation_id_fk" FOREIGN KEY ("org_id") REFERENCES "public"."organisation"("id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "practice_lot" ADD CONSTRAINT "practice_lot_person_user_id_fk" FOREIGN KEY ("person") REFERENCES "public"."user"("id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "practice_lot" ADD CONSTRAINT "practice_lot_of_lot_lot_id_fk" FOREIGN KEY ("of_lot") REFERENCES "public"."lot"("id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
CREATE INDEX "practice_lot_org" ON "practice_lot" USING btree ("org_id","started_at");--> statement-breakpoint
CREATE INDEX "practice_lot_of" ON "practice_lot" USING btree ("of_lot");--> statement-breakpoint
ALTER TABLE "sale" ADD CONSTRAINT "sale_state" CHECK (state in ('open', 'closed', 'archived', 'practice'));
--> statement-breakpoint
grant select, insert, update, delete on practice_lot to farvin_app;
--> statement-breakpoint
alter table practice_lot enable row level security;
--> statement-breakpoint
create policy one_organisation on practice_lot using (org_id = (select farvin_org())) with check (org_id = (select farvin_org()));
--> statement-breakpoint
-- Who sees own lots only sees nobody's practice.
create policy lent on practice_lot as restrictive for select using ((select farvin_reader()) is null);
--> statement-breakpoint
create policy by_role_add on practice_lot as restrictive for insert
  with check ((select farvin_role()) is null or (select farvin_role()) = 'manager');
--> statement-breakpoint
create policy by_role_change on practice_lot as restrictive for update
  using ((select farvin_role()) is null or (select farvin_role()) in ('manager', 'inspector'))
  with check ((select farvin_role()) is null or (select farvin_role()) in ('manager', 'inspector'));
--> statement-breakpoint
create policy by_role_take_out on practice_lot as restrictive for delete
  using ((select farvin_role()) is null or (select farvin_role()) = 'manager');
