-- What a studio, or one instructor, says of a shipped exercise instead: every version stays, the latest counts; with nothing in it
-- the shipped words count again.
create table own_words (
  id bigint generated always as identity primary key,
  studio_id bigint not null references studio,
  account_id bigint references account,
  move_id varchar(60) not null,
  form_key varchar(36) not null unique,
  name varchar(80) default '' not null,
  feel varchar(300) default '' not null,
  stored_by bigint not null references account,
  stored_at timestamp(6) with time zone not null
);
create index own_words_by_studio on own_words (studio_id, move_id, id);

create table own_cue (
  own_words_id bigint not null references own_words,
  family varchar(20) not null,
  cue varchar(300) not null,
  primary key (own_words_id, family)
);
