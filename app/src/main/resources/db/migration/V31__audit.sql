-- Who saw or changed what of whom, bound to no other table. Rows are only added; each carries a digest of itself and of the one before.
create table audit (
    studio_id bigint not null,
    number bigint not null,
    happened_at timestamp(6) with time zone not null,
    account_id bigint not null,
    -- A number and no name: what is erased of a woman is not kept here.
    woman bigint,
    did varchar(10) not null,
    page varchar(120) not null,
    address varchar(60) not null,
    hash varchar(64) not null,
    primary key (studio_id, number)
);

create index audit_by_woman on audit (studio_id, woman);

-- The last of each studio: one that is cut off is missed.
create table audit_head (
    studio_id bigint primary key,
    number bigint not null,
    hash varchar(64) not null
);
