CREATE TABLE "backup_run" (
	"id" bigserial PRIMARY KEY NOT NULL,
	"what" text NOT NULL,
	"state" text DEFAULT 'asked' NOT NULL,
	"at" timestamp with time zone DEFAULT now() NOT NULL,
	"asked_by" text DEFAULT '' NOT NULL,
	"finished_at" timestamp with time zone,
	"file" text DEFAULT '' NOT NULL,
	"bytes" bigint DEFAULT 0 NOT NULL,
	"message" text DEFAULT '' NOT NULL
);
--> statement-breakpoint
-- The application asks for a backup and reads what became of it; it makes and ends none.
grant select on backup_run to farvin_app;
--> statement-breakpoint
grant insert (what, asked_by) on backup_run to farvin_app;
--> statement-breakpoint
grant usage on sequence backup_run_id_seq to farvin_app;
--> statement-breakpoint
-- How the background work of all houses stands, for whoever watches the machine: numbers alone.
create function farvin_jobs() returns table (waiting int, making int, failed_today int) language sql stable security definer
  set search_path = public as $$
  select count(*) filter (where state = 'making' and made_by is null)::int,
    count(*) filter (where state = 'making' and made_by is not null)::int,
    count(*) filter (where state = 'failed' and moved_at > now() - interval '1 day')::int
  from export_job
$$;
--> statement-breakpoint
revoke execute on function farvin_jobs from public;
--> statement-breakpoint
grant execute on function farvin_jobs to farvin_app;
