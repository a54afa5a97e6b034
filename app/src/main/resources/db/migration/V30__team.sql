alter table account add column role varchar(20) default 'INSTRUCTOR' not null;
update account set role = 'OWNER' where owner;
alter table account drop column owner;
alter table account add column left_at timestamp(6) with time zone;

-- A link on which somebody sets her own password: once, for some days. Of its token only the digest is kept.
create table join_link (
    id bigint generated always as identity primary key,
    studio_id bigint not null references studio,
    email varchar(200) not null,
    name varchar(120) not null,
    role varchar(20) not null,
    digest varchar(64) not null unique,
    made_by bigint not null references account,
    made_at timestamp(6) with time zone not null,
    ends_at timestamp(6) with time zone not null,
    used_at timestamp(6) with time zone,
    taken_back_at timestamp(6) with time zone
);

create index join_link_by_studio on join_link (studio_id, id);
