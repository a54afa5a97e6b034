-- When the studio has last asked or written something of her: a list of those seen last reads no further than it is long.
alter table woman add column seen_at timestamp with time zone;
update woman set seen_at = greatest(changed_at,
  coalesce((select max(stored_at) from safety_answer where woman_id = woman.id), changed_at));
alter table woman alter column seen_at set not null;
create index woman_seen_last on woman (studio_id, seen_at desc, id desc);
drop index woman_by_studio;
create index woman_by_studio on woman (studio_id, name, id);
-- Whom a warning sign stops is found among the few who told one.
create index safety_answer_signs on safety_answer (warning_signs);
