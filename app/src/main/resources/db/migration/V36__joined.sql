-- Two records of one woman, joined into a third: all three can be read until somebody confirms it or takes it back.
create table joined (
    woman_id bigint primary key references woman,
    first_id bigint not null references woman,
    second_id bigint not null references woman,
    joined_by bigint not null references account,
    joined_at timestamp(6) with time zone not null
);
