CREATE TABLE "photo_origin" (
	"org_id" uuid NOT NULL,
	"origin_sha256" text NOT NULL,
	"sha256" text NOT NULL,
	CONSTRAINT "photo_origin_org_id_origin_sha256_pk" PRIMARY KEY("org_id","origin_sha256")
);
--> statement-breakpoint
ALTER TABLE "photo_origin" ADD CONSTRAINT "photo_origin_org_id_organisation_id_fk" FOREIGN KEY ("org_id") REFERENCES "public"."organisation"("id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
alter table photo_origin enable row level security;
--> statement-breakpoint
create policy one_organisation on photo_origin using (org_id = (select farvin_org())) with check (org_id = (select farvin_org()));
--> statement-breakpoint
grant select, insert, update, delete on photo_origin to farvin_app;
