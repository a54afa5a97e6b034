-- Not asked is not "none": when her conditions were asked about, since when each is known, what a clearance is for.
alter table woman add training varchar(20);
alter table woman add conditions_asked_on date;
alter table woman add conditions_since varchar(2000) default '' not null;
alter table woman add cleared_for varchar(2000) default '' not null;
-- Conditions that were told were asked about; an empty list says nothing of that.
update woman set conditions_asked_on = cast(changed_at as date) where conditions <> '';
