-- What she really lifted, in kg; empty where nobody told.
alter table response add column kilograms decimal(6, 1);
