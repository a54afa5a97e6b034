create table studio (
    id bigint generated always as identity primary key,
    name varchar(120) not null,
    zone_id varchar(60) not null
);

create table account (
    id bigint generated always as identity primary key,
    studio_id bigint not null references studio,
    email varchar(200) not null unique,
    password_hash varchar(200) not null,
    name varchar(120) not null,
    owner boolean not null
);

create table woman (
    id bigint generated always as identity primary key,
    studio_id bigint not null references studio,
    form_key varchar(36) not null unique,
    version int not null,
    changed_by bigint not null references account,
    changed_at timestamp(6) with time zone not null,
    name varchar(120) not null,
    birth_year int not null,
    goals varchar(2000) not null,
    situation varchar(20) not null,
    dating_basis varchar(20),
    dating_given_on date,
    cycle_length_days int,
    embryo_age_days int,
    scan_on date,
    scan_read_days int,
    birth_on date,
    birth_kind varchar(20),
    tear varchar(20),
    wound_closed varchar(10),
    births int not null,
    babies int not null,
    conditions varchar(2000) not null,
    equipment varchar(500) not null,
    cleared_on date,
    cleared_by varchar(120),
    clearance_limits varchar(2000) not null
);

create index woman_by_studio on woman (studio_id, name);

create table visit (
    id bigint generated always as identity primary key,
    woman_id bigint not null references woman,
    form_key varchar(36) not null unique,
    starts_at timestamp not null
);

create index visit_by_start on visit (starts_at);

create table safety_answer (
    id bigint generated always as identity primary key,
    woman_id bigint not null references woman,
    form_key varchar(36) not null unique,
    asked_on date not null,
    asked_by bigint not null references account,
    stored_at timestamp(6) with time zone not null,
    warning_signs varchar(2000) not null,
    symptoms varchar(2000) not null,
    what_to_do varchar(2000) not null
);

create index safety_answer_by_woman on safety_answer (woman_id, asked_on);

create table gap_check (
    id bigint generated always as identity primary key,
    woman_id bigint not null references woman,
    form_key varchar(36) not null unique,
    checked_on date not null,
    examiner_id bigint not null references account,
    stored_at timestamp(6) with time zone not null
);

create index gap_check_by_woman on gap_check (woman_id, checked_on);

create table gap_reading (
    check_id bigint not null references gap_check,
    site varchar(20) not null,
    offset_mm int not null,
    state varchar(20) not null,
    width_half_fingers int not null,
    depth varchar(20) not null,
    firmness int not null,
    domed varchar(10) not null,
    primary key (check_id, site, state)
);

create table session (
    id bigint generated always as identity primary key,
    woman_id bigint not null references woman,
    form_key varchar(36) not null unique,
    planned_on date not null,
    planned_by bigint not null references account,
    stored_at timestamp(6) with time zone not null,
    minutes int not null,
    place varchar(20) not null,
    rules_version varchar(20) not null,
    facts clob not null,
    plan clob not null,
    taught_on date,
    taught_by bigint references account
);

create index session_by_woman on session (woman_id, planned_on);

create table response (
    id bigint generated always as identity primary key,
    session_id bigint not null references session,
    form_key varchar(36) not null unique,
    item int not null,
    move_id varchar(60) not null,
    strand varchar(40) not null,
    rung int not null,
    told varchar(20) not null,
    stored_at timestamp(6) with time zone not null
);

create index response_by_session on response (session_id);
