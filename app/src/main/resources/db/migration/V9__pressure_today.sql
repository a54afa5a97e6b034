-- Blood pressure measured before a visit, and the limit her clinician set, in mmHg; null where it was not measured.
alter table safety_answer add systolic_mmhg int;
alter table safety_answer add diastolic_mmhg int;
alter table safety_answer add limit_systolic_mmhg int;
alter table safety_answer add limit_diastolic_mmhg int;
