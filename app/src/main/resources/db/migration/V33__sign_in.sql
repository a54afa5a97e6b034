-- Where somebody is signed in. A session that is gone ends by being idle; one that is ended here ends at its next page.
create table sign_in (
    id bigint generated always as identity primary key,
    account_id bigint not null references account,
    begun_at timestamp(6) with time zone not null,
    seen_at timestamp(6) with time zone not null,
    address varchar(60) not null,
    browser varchar(40) not null,
    ended_at timestamp(6) with time zone
);

create index sign_in_by_account on sign_in (account_id, id);
