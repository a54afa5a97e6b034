-- What an instructor made of a step of a way: moved to a later day, done, left out, or as it was planned again.
create table path_edit (
  id bigint generated always as identity primary key,
  woman_id bigint not null references woman (id),
  path varchar(40) not null,
  step varchar(300) not null,
  kind varchar(20) not null,
  moved_to date,
  note varchar(200) not null,
  made_on date not null,
  made_by bigint not null references account (id),
  stored_at timestamp with time zone not null
);
create index path_edit_of_woman on path_edit (woman_id, id);
