alter table studio add approach varchar(600) default '' not null;
alter table woman add approach varchar(600) default '' not null;

create table life_event (
    id bigint generated always as identity primary key,
    woman_id bigint not null references woman,
    form_key varchar(36) not null unique,
    kind varchar(20) not null,
    happened_on date not null,
    words varchar(600) not null,
    told_by bigint not null references account,
    stored_at timestamp(6) with time zone not null
);

create index life_event_by_woman on life_event (woman_id, happened_on);

create table studio_moves (
    studio_id bigint primary key references studio,
    version int not null,
    yaml clob not null
);
