-- Whoever keeps something of a house in memory is told when its sales, lots, inspections, people or tables change.
create function tell_house() returns trigger language plpgsql as $$
begin
  perform pg_notify('farvin_houses', coalesce(new.org_id, old.org_id)::text);
  return null;
end $$;
--> statement-breakpoint
create trigger sale_told after insert or update or delete on sale for each row execute function tell_house();
--> statement-breakpoint
create trigger lot_told after insert or update or delete on lot for each row execute function tell_house();
--> statement-breakpoint
create trigger inspection_told after insert or update or delete on inspection for each row execute function tell_house();
--> statement-breakpoint
create trigger lending_told after insert or update or delete on lot_lending for each row execute function tell_house();
--> statement-breakpoint
create trigger membership_told after insert or update or delete on membership for each row execute function tell_house();
--> statement-breakpoint
create trigger org_table_told after insert or update or delete on org_table for each row execute function tell_house();
