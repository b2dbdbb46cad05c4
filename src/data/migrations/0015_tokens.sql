CREATE TABLE "api_token" (
	"id" uuid PRIMARY KEY NOT NULL,
	"org_id" uuid NOT NULL,
	"name" text NOT NULL,
	"scopes" jsonb NOT NULL,
	"token_hash" text NOT NULL,
	"created_by" text NOT NULL,
	"created_at" timestamp with time zone DEFAULT now() NOT NULL,
	"expires_at" timestamp with time zone NOT NULL,
	"last_used_at" timestamp with time zone,
	"revoked_at" timestamp with time zone,
	CONSTRAINT "api_token_token_hash_unique" UNIQUE("token_hash")
);
--> statement-breakpoint
ALTER TABLE "api_token" ADD CONSTRAINT "api_token_org_id_organisation_id_fk" FOREIGN KEY ("org_id") REFERENCES "public"."organisation"("id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
CREATE INDEX "api_token_org" ON "api_token" USING btree ("org_id");--> statement-breakpoint
grant select, insert on api_token to farvin_app;
--> statement-breakpoint
grant update (revoked_at) on api_token to farvin_app;
--> statement-breakpoint
alter table api_token enable row level security;
--> statement-breakpoint
create policy one_organisation on api_token using (org_id = (select farvin_org())) with check (org_id = (select farvin_org()));
--> statement-breakpoint
create policy managers_only on api_token as restrictive using ((select farvin_role()) is null or (select farvin_role()) = 'manager')
  with check ((select farvin_role()) is null or (select farvin_role()) = 'manager');
--> statement-breakpoint
-- Whose a token is, while it is good; when it was used last is written once an hour.
create function farvin_token(token text) returns table (id uuid, org uuid, name text, scopes jsonb) language plpgsql
security definer set search_path = public as $$
begin
  update api_token t set last_used_at = now() where t.token_hash = token and t.revoked_at is null and t.expires_at > now()
    and (t.last_used_at is null or t.last_used_at < now() - interval '1 hour');
  return query select t.id, t.org_id, t.name, t.scopes from api_token t
    where t.token_hash = token and t.revoked_at is null and t.expires_at > now();
end $$;
--> statement-breakpoint
revoke execute on function farvin_token from public;
--> statement-breakpoint
grant execute on function farvin_token to farvin_app;
