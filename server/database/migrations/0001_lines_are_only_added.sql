CREATE TRIGGER lines_never_change BEFORE UPDATE ON lines
BEGIN SELECT RAISE(ABORT, 'lines are only ever added: strike the line instead'); END;
--> statement-breakpoint
CREATE TRIGGER lines_never_go BEFORE DELETE ON lines
BEGIN SELECT RAISE(ABORT, 'lines are only ever added: strike the line instead'); END;
--> statement-breakpoint
CREATE TRIGGER lines_never_replaced BEFORE INSERT ON lines
WHEN EXISTS (SELECT 1 FROM lines WHERE seq = NEW.seq OR (id = NEW.id AND (body <> NEW.body OR tab <> NEW.tab)))
BEGIN SELECT RAISE(ABORT, 'lines are only ever added: that number is taken'); END;
