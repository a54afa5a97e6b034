-- How a studio divides the work of a session between its goals: for one, two and three goals, in their order, per cent.
create table studio_share (
  studio_id bigint not null references studio,
  goals int not null,
  place int not null,
  percent int not null,
  primary key (studio_id, goals, place)
);
