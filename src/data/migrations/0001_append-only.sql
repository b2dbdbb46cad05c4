-- The log of changes and the sealed reports are written once.
create function refuse_rewrite() returns trigger language plpgsql as $$
begin
  raise exception '% is append-only', tg_table_name using errcode = 'restrict_violation';
end $$;
--> statement-breakpoint
create trigger change_log_append_only before update or delete or truncate on change_log for each statement execute function refuse_rewrite();
--> statement-breakpoint
create trigger seal_append_only before update or delete or truncate on seal for each statement execute function refuse_rewrite();
