ALTER TABLE "lot" ADD COLUMN "revision" integer DEFAULT 1 NOT NULL;--> statement-breakpoint
ALTER TABLE "lot" ADD COLUMN "state" text DEFAULT 'draft' NOT NULL;--> statement-breakpoint
ALTER TABLE "lot" ADD COLUMN "seen" double precision DEFAULT 0 NOT NULL;--> statement-breakpoint
ALTER TABLE "lot" ADD COLUMN "records" integer DEFAULT 0 NOT NULL;--> statement-breakpoint
ALTER TABLE "lot" ADD COLUMN "grade" double precision;--> statement-breakpoint
-- One place keeps what the Yard sorts by, whoever writes the inspection: its newest revision's state and summary.
create function lot_follows_inspection() returns trigger language plpgsql as $$
begin
  update lot set
    revision = new.revision,
    state = new.state,
    seen = coalesce((new.summary->>'seen')::double precision, 0),
    records = coalesce((new.summary->>'records')::int, 0),
    grade = (new.summary->'grade'->>'value')::double precision
  where id = new.lot_id and revision <= new.revision
    and (revision, state, seen, records, coalesce(grade, -1)) is distinct from
      (new.revision, new.state, coalesce((new.summary->>'seen')::double precision, 0),
       coalesce((new.summary->>'records')::int, 0), coalesce((new.summary->'grade'->>'value')::double precision, -1));
  return null;
end $$;
--> statement-breakpoint
create trigger lot_follows after insert or update of state, summary on inspection
  for each row execute function lot_follows_inspection();
--> statement-breakpoint
update inspection set state = state where revision = (select max(i.revision) from inspection i where i.lot_id = inspection.lot_id);
--> statement-breakpoint
create index lot_due on lot (org_id, sale_id, coalesce(report_due_on, '9999-12-31'::date), number);
--> statement-breakpoint
create index lot_seen on lot (org_id, sale_id, seen, number);
--> statement-breakpoint
create index lot_grade on lot (org_id, sale_id, (- coalesce(grade, -1)), number);
--> statement-breakpoint
create index lot_standing on lot (org_id, sale_id, state, report_due_on, seen, records);
