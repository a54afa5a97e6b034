-- A second factor: codes of an app, made from a secret that both know, and ten codes to fall back on, of which only digests are kept.
create table second_factor (
    account_id bigint primary key references account,
    secret varchar(64) not null,
    begun_at timestamp(6) with time zone not null,
    last_step bigint not null
);

create table recovery_code (
    id bigint generated always as identity primary key,
    account_id bigint not null references account,
    digest varchar(64) not null,
    used_at timestamp(6) with time zone
);

create index recovery_code_by_account on recovery_code (account_id, id);

alter table studio add column owners_two_factors boolean default false not null;
