-- What was noted while teaching may be taken back or told more exactly: a row of its own says instead of which it stands.
alter table response add column instead_of varchar(36);
alter table response add column taken_back boolean default false not null;
create index response_instead_of on response (instead_of);
create index response_told on response (told);

-- Only what nobody has taken back or told anew.
create view response_that_counts as
  select * from response
  where not taken_back
    and not exists (select 1 from response later where later.instead_of = response.form_key
      and later.session_id = response.session_id);

-- How hard a session was, all in all. Until now whatever was done counted as right where nobody said; what was earned by that
-- stays earned.
alter table session add column effort varchar(20);
update session set effort = 'RIGHT' where taught_on is not null;

-- Somebody said by name why it goes on after pain: asked again, or by a clinician's word.
create table pain_lift (
  id bigint generated always as identity primary key,
  woman_id bigint not null references woman (id),
  response_id bigint not null,
  place varchar(20) not null,
  lifted_on date not null,
  pain int,
  clinician_on date,
  said_by varchar(120) not null,
  reason varchar(600) not null,
  lifted_by bigint not null references account (id),
  stored_at timestamp with time zone not null
);
create index pain_lift_of_woman on pain_lift (woman_id, id);

-- An operation of belly or pelvis: how, and whether it was more than a year ago where nobody knows the day.
alter table woman add column surgery_kind varchar(40);
alter table woman add column surgery_long_ago boolean default false not null;

-- What two people may change at once carries an edition: whoever saves names the one she saw.
create table edition (
  subject varchar(40) not null,
  owner_id bigint not null,
  number int not null,
  changed_by bigint not null references account (id),
  changed_at timestamp with time zone not null,
  primary key (subject, owner_id)
);
