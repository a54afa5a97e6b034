-- What came back from her clinician: what it says of each question, and every limit that holds from then on.
create table clinician_answer (
    id bigint generated always as identity primary key,
    woman_id bigint not null references woman,
    form_key varchar(36) not null unique,
    answered_on date not null,
    said_by varchar(120) not null,
    exercise varchar(20) not null,
    sign varchar(20) not null,
    may varchar(1000) not null,
    not_yet varchar(1000) not null,
    limits varchar(4000) not null,
    kept_on date not null,
    kept_by bigint not null references account,
    stored_at timestamp(6) with time zone not null
);
create index clinician_answer_by_woman on clinician_answer (woman_id, answered_on);
