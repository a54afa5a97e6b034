-- A year of birth may be not told.
alter table woman alter column birth_year set null;
