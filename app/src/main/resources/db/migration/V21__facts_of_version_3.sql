-- What version 3 of the rules reads: whether she is steady, wears a pessary, and when she leaks. Births and babies may be not asked.
alter table woman alter column births set null;
alter table woman alter column babies set null;
alter table woman add column falls varchar(20) default 'NOT_ASKED' not null;
alter table woman add column pessary varchar(10);
alter table safety_answer add column leaks_when varchar(120) default '' not null;
