CREATE TABLE "alarm_heard" (
	"org_id" uuid NOT NULL,
	"user_id" text NOT NULL,
	"record_id" uuid NOT NULL,
	"at" timestamp with time zone NOT NULL,
	CONSTRAINT "alarm_heard_org_id_record_id_user_id_pk" PRIMARY KEY("org_id","record_id","user_id")
);
--> statement-breakpoint
ALTER TABLE "alarm_heard" ADD CONSTRAINT "alarm_heard_org_id_organisation_id_fk" FOREIGN KEY ("org_id") REFERENCES "public"."organisation"("id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "alarm_heard" ADD CONSTRAINT "alarm_heard_user_id_user_id_fk" FOREIGN KEY ("user_id") REFERENCES "public"."user"("id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
CREATE INDEX "record_structural" ON "record" USING btree ("org_id") WHERE kind = 'finding' and body->>'flaw' = 'structural-loss';--> statement-breakpoint
grant select, insert on alarm_heard to farvin_app;
--> statement-breakpoint
alter table alarm_heard enable row level security;
--> statement-breakpoint
create policy one_organisation on alarm_heard using (org_id = (select farvin_org())) with check (org_id = (select farvin_org()));
--> statement-breakpoint
create policy managers_only on alarm_heard as restrictive using ((select farvin_role()) is null or (select farvin_role()) = 'manager')
  with check ((select farvin_role()) is null or (select farvin_role()) = 'manager');
