-- Blocks of weeks; the latest counts, earlier ones stay as they were made.
create table program (
  id bigint generated always as identity primary key,
  woman_id bigint not null references woman (id),
  form_key varchar(64) not null unique,
  made_on date not null,
  made_by bigint not null references account (id),
  stored_at timestamp with time zone not null,
  rules_version varchar(40) not null,
  aims varchar(400) not null,
  visits_per_week int not null,
  home_days varchar(120) not null,
  home_minutes int not null,
  document clob not null
);
create index program_of_woman on program (woman_id, id);
