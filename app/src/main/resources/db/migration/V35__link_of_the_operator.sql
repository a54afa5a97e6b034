-- The first link of a studio is made by the operator, who has no account.
alter table join_link alter column made_by set null;
