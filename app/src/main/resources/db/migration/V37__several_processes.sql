-- Sign-ins of several processes on one data file, as their library wants them; of one process alone they are kept in its memory.
create table spring_session (
    primary_id char(36) primary key,
    session_id char(36) not null unique,
    creation_time bigint not null,
    last_access_time bigint not null,
    max_inactive_interval int not null,
    expiry_time bigint not null,
    principal_name varchar(320)
);
create index spring_session_expiry on spring_session (expiry_time);
create index spring_session_principal on spring_session (principal_name);

create table spring_session_attributes (
    session_primary_id char(36) not null references spring_session on delete cascade,
    attribute_name varchar(200) not null,
    attribute_bytes longvarbinary not null,
    primary key (session_primary_id, attribute_name)
);

-- Which process does a work of the night, and until when the others wait for it.
create table shedlock (
    name varchar(64) primary key,
    lock_until timestamp(3) not null,
    locked_at timestamp(3) not null,
    locked_by varchar(255) not null
);

-- Whether what a form asks for was kept, whatever became of the answer.
alter table kept_form add column worked boolean default false not null;
