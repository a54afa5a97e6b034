-- Gap checks: how and by whom they were measured, second readings, and corrections as new versions.
alter table gap_check add method varchar(20) default 'FINGERS' not null;
alter table gap_check add kept_by bigint references account;
update gap_check set kept_by = examiner_id;
alter table gap_check alter column kept_by set not null;
-- The first version of a corrected check; null for the first version itself.
alter table gap_check add root_id bigint references gap_check;
-- The version this one takes the place of. Unique: of two corrections of one version the later is refused.
alter table gap_check add corrects bigint unique references gap_check;
alter table gap_check add reason varchar(300) default '' not null;
-- The first version of the check this is a blind second reading of.
alter table gap_check add repeats bigint references gap_check;

alter table gap_reading drop primary key;
alter table gap_reading add primary key (check_id, site, offset_mm, state);
alter table gap_reading alter column width_half_fingers set null;
alter table gap_reading add width_mm int;
alter table gap_reading add sore boolean default false not null;
alter table gap_reading add constraint one_width check ((width_half_fingers is null) <> (width_mm is null));

-- Breath, connect, pelvic floor, load, sides and effort: what was typed, as a JSON object of field and answer.
create table sheet (
    id bigint generated always as identity primary key,
    woman_id bigint not null references woman,
    kind varchar(20) not null,
    form_key varchar(36) not null,
    checked_on date not null,
    checked_by bigint not null references account,
    kept_by bigint not null references account,
    stored_at timestamp(6) with time zone not null,
    root_id bigint references sheet,
    corrects bigint unique references sheet,
    reason varchar(300) default '' not null,
    found clob not null,
    unique (form_key, kind)
);

create index sheet_by_woman on sheet (woman_id, kind, checked_on);

-- The earlier body check becomes three sheets. "Even all round" is what six freely moving zones are.
insert into sheet (woman_id, kind, form_key, checked_on, checked_by, kept_by, stored_at, found)
select woman_id, 'BREATH', form_key, checked_on, checked_by, checked_by, stored_at,
  case breath
    when 'EVEN' then '{"zone-FRONT_RIBS":"FULL","zone-LEFT_RIBS":"FULL","zone-RIGHT_RIBS":"FULL","zone-BACK_RIBS":"FULL","zone-BELLY":"FULL","zone-LOW_BELLY":"FULL"}'
    else '{"faults":"' || breath || '"}' end
from body_check where breath <> 'UNKNOWN';
insert into sheet (woman_id, kind, form_key, checked_on, checked_by, kept_by, stored_at, found)
select woman_id, 'PELVIC_FLOOR', form_key, checked_on, checked_by, checked_by, stored_at,
  '{"toneAsTold":"' || tone || '","letsGo":"' || case lets_go when 'YES' then 'FULL' when 'NO' then 'ABSENT' else 'UNKNOWN' end || '","pain":"' || pain_with_lifts || '"}'
from body_check where tone <> 'UNKNOWN' or lets_go <> 'UNKNOWN' or pain_with_lifts <> 'UNKNOWN';
insert into sheet (woman_id, kind, form_key, checked_on, checked_by, kept_by, stored_at, found)
select woman_id, 'EFFORT', form_key, checked_on, checked_by, checked_by, stored_at,
  '{"raiseTotal":"' || coalesce(cast(straight_leg_raise as varchar), '') || '","tests":"' || impact_tests || '"}'
from body_check where straight_leg_raise is not null or impact_tests <> '';
drop table body_check;
