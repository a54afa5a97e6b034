-- Minutes she walks briskly in a week when a program is made; empty where nobody asked.
alter table program add walks_now integer;
alter table program add constraint program_walks_now check (walks_now is null or walks_now between 0 and 1000);
