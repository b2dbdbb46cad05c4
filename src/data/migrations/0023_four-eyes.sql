ALTER TABLE "inspection" ADD COLUMN "reviewed_by" text;--> statement-breakpoint
ALTER TABLE "inspection" ADD COLUMN "reviewed_count" integer;--> statement-breakpoint
ALTER TABLE "organisation" ADD COLUMN "four_eyes" boolean DEFAULT false NOT NULL;--> statement-breakpoint
grant update (four_eyes) on organisation to farvin_app;
