-- Numbers the studio calls when a woman tells a warning sign.
alter table studio add emergency_number varchar(40) default '' not null;
alter table studio add maternity_number varchar(40) default '' not null;
