CREATE TABLE "log_repair" (
	"inspection_id" uuid NOT NULL,
	"org_id" uuid NOT NULL,
	"seq" bigint NOT NULL,
	"cause" text NOT NULL,
	"note" text NOT NULL,
	"noted_by" text NOT NULL,
	"at" timestamp with time zone DEFAULT now() NOT NULL,
	CONSTRAINT "log_repair_inspection_id_seq_pk" PRIMARY KEY("inspection_id","seq")
);
--> statement-breakpoint
ALTER TABLE "inspection" DROP CONSTRAINT "inspection_state";--> statement-breakpoint
ALTER TABLE "record" DROP CONSTRAINT "record_kind";--> statement-breakpoint
ALTER TABLE "change_log" ADD COLUMN "schema" integer DEFAULT 1 NOT NULL;--> statement-breakpoint
ALTER TABLE "inspection" ADD COLUMN "log_base" text DEFAULT '' NOT NULL;--> statement-breakpoint
ALTER TABLE "inspection" ADD COLUMN "revision_reason" text DEFAULT '' NOT NULL;--> statement-breakpoint
ALTER TABLE "record" ADD COLUMN "schema" integer DEFAULT 1 NOT NULL;--> statement-breakpoint
ALTER TABLE "sale" ADD COLUMN "time_zone" text DEFAULT 'UTC' NOT NULL;--> statement-breakpoint
ALTER TABLE "log_repair" ADD CONSTRAINT "log_repair_inspection_id_inspection_id_fk" FOREIGN KEY ("inspection_id") REFERENCES "public"."inspection"("id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "inspection" ADD CONSTRAINT "inspection_state" CHECK (state in ('draft', 'reviewed', 'sealed', 'given-up'));--> statement-breakpoint
ALTER TABLE "record" ADD CONSTRAINT "record_kind" CHECK (kind ~ '^[a-z][a-z-]*$');--> statement-breakpoint
create trigger log_repair_append_only before update or delete or truncate on log_repair for each statement execute function refuse_rewrite();
--> statement-breakpoint
grant select, insert on log_repair to farvin_app;
--> statement-breakpoint
alter table log_repair enable row level security;
--> statement-breakpoint
create policy one_organisation on log_repair using (org_id = (select farvin_org())) with check (org_id = (select farvin_org()));
--> statement-breakpoint
-- A revision that was given up no longer stands for its lot: the one before it does again.
create or replace function lot_follows_inspection() returns trigger language plpgsql as $$
declare i inspection;
begin
  if new.state = 'given-up' then
    select * into i from inspection where lot_id = new.lot_id and state <> 'given-up' order by revision desc limit 1;
  else
    i := new;
    if exists (select 1 from inspection o where o.lot_id = new.lot_id and o.revision > new.revision and o.state <> 'given-up')
    then return null; end if;
  end if;
  if i.id is null then return null; end if;
  update lot set
    revision = i.revision,
    state = i.state,
    seen = coalesce((i.summary->>'seen')::double precision, 0),
    records = coalesce((i.summary->>'records')::int, 0),
    grade = (i.summary->'grade'->>'value')::double precision
  where id = i.lot_id
    and (revision, state, seen, records, coalesce(grade, -1)) is distinct from
      (i.revision, i.state, coalesce((i.summary->>'seen')::double precision, 0),
       coalesce((i.summary->>'records')::int, 0), coalesce((i.summary->'grade'->>'value')::double precision, -1));
  return null;
end $$;
