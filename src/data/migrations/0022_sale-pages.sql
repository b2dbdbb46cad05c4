CREATE TABLE "published_lot" (
	"lot_id" uuid PRIMARY KEY NOT NULL,
	"org_id" uuid NOT NULL,
	"sale_id" uuid NOT NULL,
	"link_id" uuid NOT NULL,
	"token" text NOT NULL,
	"number" integer NOT NULL,
	"title" text NOT NULL,
	"revision" integer NOT NULL,
	"sealed_at" timestamp with time zone NOT NULL,
	"sha256" text NOT NULL,
	"year" integer,
	"grade_low" double precision,
	"grade" double precision,
	"grade_high" double precision,
	"band" text NOT NULL,
	"seen" double precision NOT NULL,
	"findings" integer NOT NULL,
	"picture" text,
	"traits" text[] NOT NULL
);
--> statement-breakpoint
ALTER TABLE "sale" ADD COLUMN "page_token" text;--> statement-breakpoint
ALTER TABLE "published_lot" ADD CONSTRAINT "published_lot_lot_id_lot_id_fk" FOREIGN KEY ("lot_id") REFERENCES "public"."lot"("id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "published_lot" ADD CONSTRAINT "published_lot_org_id_organisation_id_fk" FOREIGN KEY ("org_id") REFERENCES "public"."organisation"("id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "published_lot" ADD CONSTRAINT "published_lot_sale_id_sale_id_fk" FOREIGN KEY ("sale_id") REFERENCES "public"."sale"("id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "published_lot" ADD CONSTRAINT "published_lot_link_id_share_link_id_fk" FOREIGN KEY ("link_id") REFERENCES "public"."share_link"("id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
CREATE INDEX "published_lot_number" ON "published_lot" USING btree ("sale_id","number");--> statement-breakpoint
CREATE INDEX "published_lot_grade" ON "published_lot" USING btree ("sale_id","grade","number");--> statement-breakpoint
CREATE INDEX "published_lot_year" ON "published_lot" USING btree ("sale_id","year","number");--> statement-breakpoint
ALTER TABLE "sale" ADD CONSTRAINT "sale_page_token_unique" UNIQUE("page_token");--> statement-breakpoint
CREATE INDEX "published_lot_traits" ON "published_lot" USING gin ("traits");
--> statement-breakpoint
grant select, insert, update, delete on published_lot to farvin_app;
--> statement-breakpoint
alter table published_lot enable row level security;
--> statement-breakpoint
create policy one_organisation on published_lot using (org_id = (select farvin_org())) with check (org_id = (select farvin_org()));
--> statement-breakpoint
-- Whoever publishes puts a lot on the page and takes it off; strangers read through the page's address.
create policy by_role_add on published_lot as restrictive for insert
  with check ((select farvin_role()) in ('manager', 'inspector', 'editor'));
--> statement-breakpoint
create policy by_role_change on published_lot as restrictive for update
  using ((select farvin_role()) in ('manager', 'inspector', 'editor'))
  with check ((select farvin_role()) in ('manager', 'inspector', 'editor'));
--> statement-breakpoint
create policy by_role_take_out on published_lot as restrictive for delete
  using ((select farvin_role()) in ('manager', 'editor'));
--> statement-breakpoint
-- The one read of a sale without a house: by the address of its page, no more than where it is.
create function farvin_sale_page(page text) returns table (org_id uuid, sale_id uuid) language sql stable security definer
  set search_path = public as $$
  select s.org_id, s.id from sale s where s.page_token = page
    and not exists (select 1 from deletion d where d.target in (s.id::text) and d.called_off_at is null and d.done_at is null)
$$;
--> statement-breakpoint
revoke execute on function farvin_sale_page from public;
--> statement-breakpoint
grant execute on function farvin_sale_page to farvin_app;
