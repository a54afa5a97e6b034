-- Pain as it was before a visit, and the morning after the last, 0 to 10; no row where nobody asked.
create table pain_told (
  answer_id bigint not null references safety_answer (id),
  place varchar(20) not null,
  amount int not null,
  primary key (answer_id, place)
);

-- How much it hurt, how much of the dose was really done, and a short note.
alter table response add column pain int;
alter table response add column done int;
alter table response add column asked int;
alter table response add column note varchar(200) default '' not null;
alter table response add column dose_step int default 2 not null;

-- The dose step that was decided with a rung.
alter table ladder_decision add column dose_step int default 2 not null;

-- Every change of a composed session is a version of its own; the plan that was composed stays, as version 0. Taking a change
-- back makes a version, too: content says whose plan it holds, before what that one was made from.
create table session_version (
  session_id bigint not null references session (id),
  version int not null,
  content int not null,
  before int not null,
  changed_by bigint not null references account (id),
  stored_at timestamp with time zone not null,
  change varchar(400) not null,
  plan character large object not null,
  primary key (session_id, version)
);

-- Moves pinned to a woman, kept out for her, or usual for her at the gym.
create table wanted_move (
  woman_id bigint not null references woman (id),
  move_id varchar(80) not null,
  kind varchar(10) not null,
  kilograms decimal(6, 1),
  note varchar(200) default '' not null,
  changed_by bigint not null references account (id),
  stored_at timestamp with time zone not null,
  primary key (woman_id, move_id, kind)
);

-- Sessions a studio keeps to be taught to others, judged anew for each.
create table flow (
  id bigint generated always as identity primary key,
  studio_id bigint not null references studio (id),
  name varchar(80) not null,
  stored_at timestamp with time zone not null,
  kept_by bigint not null references account (id),
  items character large object not null
);
create unique index flow_name_of_studio on flow (studio_id, name);

-- Looks back at a block: what was found, proposed, accepted or overruled.
create table review (
  id bigint generated always as identity primary key,
  woman_id bigint not null references woman (id),
  reviewed_on date not null,
  reviewed_by bigint not null references account (id),
  stored_at timestamp with time zone not null,
  document character large object not null
);
create index review_of_woman on review (woman_id, id);
