DROP TABLE "sign_in_failure" CASCADE;--> statement-breakpoint
ALTER TABLE "organisation" DROP COLUMN "seal_secret";--> statement-breakpoint
ALTER TABLE "organisation" DROP COLUMN "seal_public";