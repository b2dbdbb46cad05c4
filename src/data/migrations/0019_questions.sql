CREATE TABLE "question" (
	"id" uuid PRIMARY KEY NOT NULL,
	"org_id" uuid NOT NULL,
	"lot_id" uuid NOT NULL,
	"revision" integer NOT NULL,
	"asked_at" timestamp with time zone NOT NULL,
	"asker" text NOT NULL,
	"mail" text NOT NULL,
	"finding" uuid,
	"zone" text,
	"film" uuid,
	"film_s" double precision,
	"text" text NOT NULL,
	"answer" text,
	"answered_by" text,
	"answered_at" timestamp with time zone,
	"to_all" boolean DEFAULT false NOT NULL
);
--> statement-breakpoint
ALTER TABLE "question" ADD CONSTRAINT "question_org_id_organisation_id_fk" FOREIGN KEY ("org_id") REFERENCES "public"."organisation"("id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "question" ADD CONSTRAINT "question_lot_id_lot_id_fk" FOREIGN KEY ("lot_id") REFERENCES "public"."lot"("id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
CREATE INDEX "question_lot" ON "question" USING btree ("lot_id","asked_at");--> statement-breakpoint
grant select, insert, update, delete on question to farvin_app;
--> statement-breakpoint
alter table question enable row level security;
--> statement-breakpoint
create policy one_organisation on question using (org_id = (select farvin_org())) with check (org_id = (select farvin_org()));
--> statement-breakpoint
-- What bidders ask, and where they get their mail, is for the house.
create policy lent on question as restrictive for select using ((select farvin_reader()) is null);
--> statement-breakpoint
-- A stranger asks in nobody's name; whoever keeps records or publishes answers.
create policy by_role_add on question as restrictive for insert with check ((select farvin_role()) is null);
--> statement-breakpoint
create policy by_role_change on question as restrictive for update
  using ((select farvin_role()) in ('manager', 'inspector', 'editor'))
  with check ((select farvin_role()) in ('manager', 'inspector', 'editor'));
--> statement-breakpoint
create policy by_role_take_out on question as restrictive for delete using ((select farvin_role()) = 'manager');
