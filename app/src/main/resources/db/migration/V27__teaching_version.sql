-- Changes of a class sheet: each a version, none ever overwritten; each woman's part has one of the same number beside it.
create table teaching_version (
  teaching_id bigint not null references teaching,
  version int not null,
  content int not null,
  before int not null,
  changed_by bigint not null references account,
  stored_at timestamp(6) with time zone not null,
  change varchar(400) not null,
  sheet character large object not null,
  primary key (teaching_id, version)
);
