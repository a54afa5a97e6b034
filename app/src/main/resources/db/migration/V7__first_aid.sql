-- Every form is kept once: what was sent under a key, and where the answer led.
create table kept_form (
    form_key varchar(36) primary key,
    path varchar(300) not null,
    -- Field and value as a JSON object; empty when the form was kept by an earlier version.
    sent clob not null,
    sent_by varchar(200) not null,
    claimed_at timestamp(6) with time zone not null,
    -- Null while the form is being read.
    answer_status int,
    answer_location varchar(600)
);

insert into kept_form (form_key, path, sent, sent_by, claimed_at, answer_status)
select form_key, '', '', '', current_timestamp, 302 from (
    select form_key from woman union select form_key from visit union select form_key from safety_answer
    union select form_key from gap_check union select form_key from sheet union select form_key from session
    union select form_key from response union select form_key from life_event union select form_key from recording
    union select form_key from practice);

-- A stop is lifted by an answer that names it, who said so, and why.
alter table safety_answer add lifts bigint references safety_answer;
alter table safety_answer add lifted_by varchar(120) default '' not null;
alter table safety_answer add lift_reason varchar(600) default '' not null;
-- Earlier versions let any later "none" lift a stop; what was lifted then stays lifted.
update safety_answer later set lifts = (
    select max(earlier.id) from safety_answer earlier
    where earlier.woman_id = later.woman_id and earlier.warning_signs <> '' and earlier.id < later.id),
    lift_reason = 'answered “none of these” before reasons were asked for'
where later.warning_signs = '' and exists (
    select 1 from safety_answer earlier
    where earlier.woman_id = later.woman_id and earlier.warning_signs <> '' and earlier.id < later.id);

-- A password that is changed ends every other session.
alter table account add credentials int default 1 not null;
alter table account add version int default 1 not null;
alter table studio add version int default 1 not null;

create table first_visit (
    only_one int primary key check (only_one = 1)
);
insert into first_visit select 1 where exists (select 1 from studio);

-- Sign-ins that were refused, for the owner to see.
create table refused_sign_in (
    id bigint generated always as identity primary key,
    email varchar(200) not null,
    address varchar(60) not null,
    refused_at timestamp(6) with time zone not null,
    why varchar(20) not null
);
create index refused_sign_in_by_email on refused_sign_in (email, refused_at);

-- Finger breadths stay with the reading they were read with.
alter table gap_check add finger_widths_mm varchar(40) default '' not null;
update gap_check set finger_widths_mm =
    (select account.finger_widths_mm from account where account.id = examiner_id) where method = 'FINGERS';

-- Earlier values of an intake.
create table earlier_intake (
    woman_id bigint not null references woman,
    version int not null,
    changed_by bigint not null references account,
    changed_at timestamp(6) with time zone not null,
    form clob not null,
    primary key (woman_id, version)
);

-- A response counts from the day it was noted, whether or not the session was finished.
alter table response add noted_on date;
update response set noted_on = (
    select coalesce(taught_on, planned_on) from session where session.id = session_id);
alter table response alter column noted_on set not null;
alter table response add place varchar(20) default '' not null;
-- The same first reading is repeated blind once; corrections of the repetition have their own rows.
alter table gap_check add first_repetition_of bigint unique references gap_check;
update gap_check kept set first_repetition_of = repeats
where repeats is not null and corrects is null and id = (
    select min(other.id) from gap_check other where other.repeats = kept.repeats and other.corrects is null);

-- How far she said she was, in days, on the day the dating was given on; null when a date was told.
alter table woman add stated_days int;

-- Keys of one letter may be switched off.
alter table account add single_keys boolean default true not null;
