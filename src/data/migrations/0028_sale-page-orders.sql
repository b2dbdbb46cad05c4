DROP INDEX "published_lot_grade";--> statement-breakpoint
DROP INDEX "published_lot_year";--> statement-breakpoint
CREATE INDEX "published_lot_by_grade" ON "published_lot" USING btree ("sale_id",(- coalesce("grade", -1)),"number");--> statement-breakpoint
CREATE INDEX "published_lot_by_year" ON "published_lot" USING btree ("sale_id",(coalesce("year", 9999)),"number");