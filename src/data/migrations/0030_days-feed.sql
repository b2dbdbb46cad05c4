ALTER TABLE "sale" ADD COLUMN "days_token" text;--> statement-breakpoint
ALTER TABLE "sale" ADD CONSTRAINT "sale_days_token_unique" UNIQUE("days_token");
--> statement-breakpoint
-- The one read of a plan without a house: by the address of its feed, no more than where it is.
create function farvin_days_feed(feed text) returns table (org_id uuid, sale_id uuid) language sql stable security definer
  set search_path = public as $$
  select s.org_id, s.id from sale s where s.days_token = feed
    and not exists (select 1 from deletion d where d.target in (s.id::text) and d.called_off_at is null and d.done_at is null)
$$;
--> statement-breakpoint
revoke execute on function farvin_days_feed from public;
--> statement-breakpoint
grant execute on function farvin_days_feed to farvin_app;
