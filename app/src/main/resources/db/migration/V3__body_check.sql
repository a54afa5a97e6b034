create table body_check (
    id bigint generated always as identity primary key,
    woman_id bigint not null references woman,
    form_key varchar(36) not null unique,
    checked_on date not null,
    checked_by bigint not null references account,
    stored_at timestamp(6) with time zone not null,
    breath varchar(20) not null,
    tone varchar(20) not null,
    lets_go varchar(10) not null,
    pain_with_lifts varchar(10) not null,
    straight_leg_raise int,
    impact_tests varchar(600) not null
);

create index body_check_by_woman on body_check (woman_id, checked_on);
