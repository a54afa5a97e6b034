-- Visits that are booked: they count instead of so many a week. One date and its minutes a line.
alter table program add column visits varchar(400) default '' not null;
