CREATE TABLE "account" (
	"id" text PRIMARY KEY NOT NULL,
	"account_id" text NOT NULL,
	"provider_id" text NOT NULL,
	"user_id" text NOT NULL,
	"access_token" text,
	"refresh_token" text,
	"id_token" text,
	"access_token_expires_at" timestamp with time zone,
	"refresh_token_expires_at" timestamp with time zone,
	"scope" text,
	"password" text,
	"created_at" timestamp with time zone DEFAULT now() NOT NULL,
	"updated_at" timestamp with time zone DEFAULT now() NOT NULL
);
--> statement-breakpoint
CREATE TABLE "session" (
	"id" text PRIMARY KEY NOT NULL,
	"expires_at" timestamp with time zone NOT NULL,
	"token" text NOT NULL,
	"created_at" timestamp with time zone DEFAULT now() NOT NULL,
	"updated_at" timestamp with time zone DEFAULT now() NOT NULL,
	"ip_address" text,
	"user_agent" text,
	"user_id" text NOT NULL,
	CONSTRAINT "session_token_unique" UNIQUE("token")
);
--> statement-breakpoint
CREATE TABLE "sign_in_failure" (
	"who" text NOT NULL,
	"at" timestamp with time zone DEFAULT now() NOT NULL
);
--> statement-breakpoint
CREATE TABLE "user" (
	"id" text PRIMARY KEY NOT NULL,
	"name" text NOT NULL,
	"email" text NOT NULL,
	"email_verified" boolean DEFAULT false NOT NULL,
	"image" text,
	"created_at" timestamp with time zone DEFAULT now() NOT NULL,
	"updated_at" timestamp with time zone DEFAULT now() NOT NULL,
	CONSTRAINT "user_email_unique" UNIQUE("email")
);
--> statement-breakpoint
CREATE TABLE "verification" (
	"id" text PRIMARY KEY NOT NULL,
	"identifier" text NOT NULL,
	"value" text NOT NULL,
	"expires_at" timestamp with time zone NOT NULL,
	"created_at" timestamp with time zone DEFAULT now() NOT NULL,
	"updated_at" timestamp with time zone DEFAULT now() NOT NULL
);
--> statement-breakpoint
CREATE TABLE "change_log" (
	"seq" bigserial PRIMARY KEY NOT NULL,
	"inspection_id" uuid NOT NULL,
	"org_id" uuid NOT NULL,
	"change_id" uuid NOT NULL,
	"content_hash" text NOT NULL,
	"actor_id" text NOT NULL,
	"at" timestamp with time zone NOT NULL,
	"op" text NOT NULL,
	"kind" text NOT NULL,
	"record_id" uuid NOT NULL,
	"version" integer NOT NULL,
	"before" jsonb,
	"after" jsonb,
	"previous_hash" text NOT NULL,
	"hash" text NOT NULL,
	CONSTRAINT "change_once" UNIQUE("inspection_id","change_id")
);
--> statement-breakpoint
CREATE TABLE "inspection" (
	"id" uuid PRIMARY KEY NOT NULL,
	"org_id" uuid NOT NULL,
	"lot_id" uuid NOT NULL,
	"revision" integer NOT NULL,
	"state" text DEFAULT 'draft' NOT NULL,
	"created_at" timestamp with time zone DEFAULT now() NOT NULL,
	"change_count" integer DEFAULT 0 NOT NULL,
	"log_head" text DEFAULT '' NOT NULL,
	"summary" jsonb,
	"summary_count" integer DEFAULT -1 NOT NULL,
	CONSTRAINT "inspection_revision" UNIQUE("lot_id","revision"),
	CONSTRAINT "inspection_state" CHECK (state in ('draft', 'reviewed', 'sealed'))
);
--> statement-breakpoint
CREATE TABLE "lot" (
	"id" uuid PRIMARY KEY NOT NULL,
	"org_id" uuid NOT NULL,
	"sale_id" uuid NOT NULL,
	"number" integer NOT NULL,
	"title" text NOT NULL,
	"report_due_on" date,
	"keeper" text DEFAULT '' NOT NULL,
	CONSTRAINT "lot_number" UNIQUE("sale_id","number")
);
--> statement-breakpoint
CREATE TABLE "membership" (
	"user_id" text NOT NULL,
	"org_id" uuid NOT NULL,
	"role" text NOT NULL,
	CONSTRAINT "membership_user_id_org_id_pk" PRIMARY KEY("user_id","org_id"),
	CONSTRAINT "membership_role" CHECK (role in ('inspector', 'manager', 'viewer'))
);
--> statement-breakpoint
CREATE TABLE "org_table" (
	"org_id" uuid NOT NULL,
	"name" text NOT NULL,
	"value" jsonb NOT NULL,
	CONSTRAINT "org_table_org_id_name_pk" PRIMARY KEY("org_id","name")
);
--> statement-breakpoint
CREATE TABLE "organisation" (
	"id" uuid PRIMARY KEY NOT NULL,
	"name" text NOT NULL,
	"seal_secret" text NOT NULL,
	"seal_public" text NOT NULL
);
--> statement-breakpoint
CREATE TABLE "photo_file" (
	"org_id" uuid NOT NULL,
	"sha256" text NOT NULL,
	"type" text NOT NULL,
	"bytes" integer NOT NULL,
	"width_px" integer NOT NULL,
	"height_px" integer NOT NULL,
	"taken_at" timestamp with time zone,
	CONSTRAINT "photo_file_org_id_sha256_pk" PRIMARY KEY("org_id","sha256")
);
--> statement-breakpoint
CREATE TABLE "record" (
	"inspection_id" uuid NOT NULL,
	"id" uuid NOT NULL,
	"org_id" uuid NOT NULL,
	"kind" text NOT NULL,
	"version" integer NOT NULL,
	"body" jsonb NOT NULL,
	CONSTRAINT "record_inspection_id_id_pk" PRIMARY KEY("inspection_id","id"),
	CONSTRAINT "record_kind" CHECK (kind in ('car', 'visit', 'look', 'reading', 'finding', 'photo', 'claim')),
	CONSTRAINT "record_version" CHECK (version > 0)
);
--> statement-breakpoint
CREATE TABLE "sale" (
	"id" uuid PRIMARY KEY NOT NULL,
	"org_id" uuid NOT NULL,
	"name" text NOT NULL,
	"place" text DEFAULT '' NOT NULL,
	"currency" text DEFAULT 'VK' NOT NULL,
	"opens_on" date,
	"closes_on" date
);
--> statement-breakpoint
CREATE TABLE "seal" (
	"inspection_id" uuid PRIMARY KEY NOT NULL,
	"org_id" uuid NOT NULL,
	"sealed_at" timestamp with time zone NOT NULL,
	"sealed_by" text NOT NULL,
	"sha256" text NOT NULL,
	"report" text NOT NULL
);
--> statement-breakpoint
CREATE TABLE "share_link" (
	"id" uuid PRIMARY KEY NOT NULL,
	"org_id" uuid NOT NULL,
	"lot_id" uuid NOT NULL,
	"token_hash" text NOT NULL,
	"label" text DEFAULT '' NOT NULL,
	"created_by" text NOT NULL,
	"created_at" timestamp with time zone DEFAULT now() NOT NULL,
	"expires_at" timestamp with time zone,
	"withdrawn_at" timestamp with time zone,
	CONSTRAINT "share_link_token_hash_unique" UNIQUE("token_hash")
);
--> statement-breakpoint
ALTER TABLE "account" ADD CONSTRAINT "account_user_id_user_id_fk" FOREIGN KEY ("user_id") REFERENCES "public"."user"("id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "session" ADD CONSTRAINT "session_user_id_user_id_fk" FOREIGN KEY ("user_id") REFERENCES "public"."user"("id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "change_log" ADD CONSTRAINT "change_log_inspection_id_inspection_id_fk" FOREIGN KEY ("inspection_id") REFERENCES "public"."inspection"("id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "inspection" ADD CONSTRAINT "inspection_org_id_organisation_id_fk" FOREIGN KEY ("org_id") REFERENCES "public"."organisation"("id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "inspection" ADD CONSTRAINT "inspection_lot_id_lot_id_fk" FOREIGN KEY ("lot_id") REFERENCES "public"."lot"("id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "lot" ADD CONSTRAINT "lot_org_id_organisation_id_fk" FOREIGN KEY ("org_id") REFERENCES "public"."organisation"("id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "lot" ADD CONSTRAINT "lot_sale_id_sale_id_fk" FOREIGN KEY ("sale_id") REFERENCES "public"."sale"("id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "membership" ADD CONSTRAINT "membership_user_id_user_id_fk" FOREIGN KEY ("user_id") REFERENCES "public"."user"("id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "membership" ADD CONSTRAINT "membership_org_id_organisation_id_fk" FOREIGN KEY ("org_id") REFERENCES "public"."organisation"("id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "org_table" ADD CONSTRAINT "org_table_org_id_organisation_id_fk" FOREIGN KEY ("org_id") REFERENCES "public"."organisation"("id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "photo_file" ADD CONSTRAINT "photo_file_org_id_organisation_id_fk" FOREIGN KEY ("org_id") REFERENCES "public"."organisation"("id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "record" ADD CONSTRAINT "record_inspection_id_inspection_id_fk" FOREIGN KEY ("inspection_id") REFERENCES "public"."inspection"("id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "sale" ADD CONSTRAINT "sale_org_id_organisation_id_fk" FOREIGN KEY ("org_id") REFERENCES "public"."organisation"("id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "seal" ADD CONSTRAINT "seal_inspection_id_inspection_id_fk" FOREIGN KEY ("inspection_id") REFERENCES "public"."inspection"("id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "share_link" ADD CONSTRAINT "share_link_org_id_organisation_id_fk" FOREIGN KEY ("org_id") REFERENCES "public"."organisation"("id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "share_link" ADD CONSTRAINT "share_link_lot_id_lot_id_fk" FOREIGN KEY ("lot_id") REFERENCES "public"."lot"("id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
CREATE INDEX "account_user" ON "account" USING btree ("user_id");--> statement-breakpoint
CREATE INDEX "session_user" ON "session" USING btree ("user_id");--> statement-breakpoint
CREATE INDEX "sign_in_failure_who" ON "sign_in_failure" USING btree ("who","at");--> statement-breakpoint
CREATE INDEX "change_log_inspection" ON "change_log" USING btree ("inspection_id","seq");--> statement-breakpoint
CREATE INDEX "inspection_org" ON "inspection" USING btree ("org_id");--> statement-breakpoint
CREATE INDEX "lot_org_sale" ON "lot" USING btree ("org_id","sale_id","number");--> statement-breakpoint
CREATE UNIQUE INDEX "record_one_car" ON "record" USING btree ("inspection_id") WHERE kind = 'car';--> statement-breakpoint
CREATE INDEX "sale_org" ON "sale" USING btree ("org_id");--> statement-breakpoint
CREATE INDEX "seal_org" ON "seal" USING btree ("org_id");--> statement-breakpoint
CREATE INDEX "share_link_lot" ON "share_link" USING btree ("org_id","lot_id");