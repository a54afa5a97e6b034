-- What repeated readings come to is kept and follows every check, instead of being read from all checks at every look.
create table repeated (
    examiner_id bigint not null references account,
    method varchar(20) not null,
    pairs bigint not null,
    squares bigint not null,
    mean_pairs bigint not null,
    mean_squares decimal(24, 8) not null,
    primary key (examiner_id, method)
);
insert into repeated
select examiner_id, method, sum(pairs), sum(squares), sum(mean_pairs), sum(mean_squares) from (
    select first_check.examiner_id, first_check.method, count(*) as pairs,
      sum(power(coalesce(r1.width_half_fingers, r1.width_mm) - coalesce(r2.width_half_fingers, r2.width_mm), 2)) as squares,
      case when count(case when r1.state = 'LIFT' then 1 end) >= 2 then 1 else 0 end as mean_pairs,
      case when count(case when r1.state = 'LIFT' then 1 end) >= 2 then power(
        avg(case when r1.state = 'LIFT' then cast(coalesce(r1.width_half_fingers, r1.width_mm)
          - coalesce(r2.width_half_fingers, r2.width_mm) as double precision) end), 2) else 0 end as mean_squares
    from gap_check second_check
      join gap_check first_check on coalesce(first_check.root_id, first_check.id) = second_check.repeats
        and first_check.method = second_check.method and first_check.examiner_id = second_check.examiner_id
      join gap_reading r1 on r1.check_id = first_check.id
      join gap_reading r2 on r2.check_id = second_check.id and r2.site = r1.site
        and r2.offset_mm = r1.offset_mm and r2.state = r1.state
    where not exists (select 1 from gap_check later where later.corrects = first_check.id)
      and not exists (select 1 from gap_check later where later.corrects = second_check.id)
    group by first_check.id, second_check.id, first_check.examiner_id, first_check.method)
group by examiner_id, method;
