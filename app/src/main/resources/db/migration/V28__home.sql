-- What comes from home: links without an account, what she told, questions and their answers, and what was given to her on paper.
alter table safety_answer add column from_home boolean default false not null;
alter table practice add column from_home boolean default false not null;
alter table visit add column sequence int default 0 not null;
alter table visit add column cancelled_at timestamp(6) with time zone;

-- Her language, and what she told of her days.
create table home_page (
  woman_id bigint not null primary key references woman,
  language varchar(10) not null,
  days varchar(400) default '' not null
);

-- A link is known by the digest of its token alone.
create table home_link (
  id bigint generated always as identity primary key,
  woman_id bigint not null references woman,
  purpose varchar(10) not null,
  digest varchar(64) not null unique,
  form_key varchar(36) not null unique,
  made_on date not null,
  ends_on date not null,
  made_by bigint not null references account,
  stored_at timestamp(6) with time zone not null,
  taken_back_at timestamp(6) with time zone,
  used_at timestamp(6) with time zone
);
create index home_link_by_woman on home_link (woman_id, id);

-- A leak, heaviness or pain told without saying in which exercise, and pain of the morning after.
create table home_report (
  id bigint generated always as identity primary key,
  woman_id bigint not null references woman,
  report_key varchar(36) not null unique,
  told_on date not null,
  noted varchar(20) not null,
  place varchar(20) default '' not null,
  pain int,
  morning boolean default false not null
);
create index home_report_by_woman on home_report (woman_id, told_on);

-- Everything she sent, as she sent it; each once.
create table home_answer (
  id bigint generated always as identity primary key,
  woman_id bigint not null references woman,
  link_id bigint not null references home_link,
  answer_key varchar(64) not null,
  kind varchar(12) not null,
  for_day date not null,
  given_at timestamp(6) with time zone not null,
  received_at timestamp(6) with time zone not null,
  session_id bigint references session,
  said varchar(2000) not null,
  seen_at timestamp(6) with time zone,
  seen_by bigint references account,
  unique (woman_id, answer_key)
);
create index home_answer_open on home_answer (seen_at, woman_id);

create table home_reply (
  answer_id bigint not null primary key references home_answer,
  words varchar(600) not null,
  replied_by bigint not null references account,
  replied_on date not null,
  stored_at timestamp(6) with time zone not null
);

-- Somebody who speaks a language said by name that its safety words are right.
create table language_check (
  id bigint generated always as identity primary key,
  studio_id bigint not null references studio,
  language varchar(10) not null,
  words varchar(64) not null,
  confirmed_by varchar(120) not null,
  confirmed_on date not null,
  account_id bigint not null references account,
  stored_at timestamp(6) with time zone not null
);

-- What was given out, as it was given out.
create table hand_out (
  id bigint generated always as identity primary key,
  studio_id bigint not null references studio,
  woman_id bigint references woman,
  teaching_id bigint references teaching,
  form_key varchar(36) not null unique,
  kind varchar(20) not null,
  language varchar(10) not null,
  large_print boolean not null,
  title varchar(200) not null,
  made_on date not null,
  made_by bigint not null references account,
  stored_at timestamp(6) with time zone not null,
  words character large object not null,
  pdf binary large object not null
);
create index hand_out_by_woman on hand_out (woman_id, id);
