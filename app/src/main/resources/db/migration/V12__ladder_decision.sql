-- What an instructor decided about a ladder: the proposal, what came of it, and why where it was overruled.
create table ladder_decision (
  id bigint generated always as identity primary key,
  woman_id bigint not null references woman (id),
  decided_on date not null,
  decided_by bigint not null references account (id),
  stored_at timestamp with time zone not null,
  strand varchar(40) not null,
  proposed varchar(20) not null,
  proposed_rung int not null,
  reasons varchar(2000) not null,
  rung int not null,
  overruled_because varchar(400) not null
);
create index ladder_decision_of_woman on ladder_decision (woman_id, id);
