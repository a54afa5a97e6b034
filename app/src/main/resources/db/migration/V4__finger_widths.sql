alter table account add finger_widths_mm varchar(40) default '' not null;
