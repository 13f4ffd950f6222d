CREATE INDEX "circuit_bin" ON "circuit" USING btree ("studio_id","taken_out_at") WHERE taken_out_at is not null;--> statement-breakpoint
CREATE INDEX "session_bin" ON "planned_session" USING btree ("studio_id","taken_out_at") WHERE taken_out_at is not null;--> statement-breakpoint
CREATE INDEX "run_bin" ON "run" USING btree ("studio_id","taken_out_at") WHERE taken_out_at is not null;--> statement-breakpoint
CREATE INDEX "drill_bin" ON "studio_drill" USING btree ("studio_id","taken_out_at") WHERE taken_out_at is not null;