-- A sensor's trace in at most 20 steps a second: big-endian 32-bit floats, not-a-number where there was no sample.
create table recording (
    id bigint generated always as identity primary key,
    woman_id bigint not null references woman,
    form_key varchar(36) not null unique,
    recorded_on date not null,
    recorded_by bigint not null references account,
    stored_at timestamp(6) with time zone not null,
    unit varchar(10) not null,
    source varchar(120) not null,
    protocol varchar(20) not null,
    start_s double precision not null,
    steps_per_s double precision not null,
    samples bigint not null,
    rectified boolean not null,
    repairs varchar(2000) not null,
    inward_lift varchar(10) not null,
    steps blob not null
);

create index recording_by_woman on recording (woman_id, recorded_on);

-- One guided practice: the dose that was practised and what was told afterwards.
create table practice (
    id bigint generated always as identity primary key,
    woman_id bigint not null references woman,
    form_key varchar(36) not null unique,
    practised_on date not null,
    kept_by bigint not null references account,
    stored_at timestamp(6) with time zone not null,
    track varchar(20) not null,
    hold_seconds int not null,
    holds int not null,
    flicks int not null,
    holds_done int not null,
    flicks_done int not null,
    position varchar(20) not null,
    -- How many of ten letting-goes were felt fully; asked in release practice.
    let_go_of_ten int,
    let_go_fully boolean not null,
    faded boolean not null,
    hurt boolean not null,
    heavy boolean not null
);

create index practice_by_woman on practice (woman_id, practised_on);
