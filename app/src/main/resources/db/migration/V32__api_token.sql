-- What a program signs in with in the name of somebody. Of the token only the digest is kept.
create table api_token (
    id bigint generated always as identity primary key,
    account_id bigint not null references account,
    name varchar(60) not null,
    scope varchar(20) not null,
    digest varchar(64) not null unique,
    made_at timestamp(6) with time zone not null,
    ends_on date not null,
    used_at timestamp(6) with time zone,
    taken_back_at timestamp(6) with time zone
);

create index api_token_by_account on api_token (account_id, id);
