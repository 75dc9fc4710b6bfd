-- A release says what was on air before it, so that taking it back leads there whatever was done in between.
alter table release add column follows int;
update release set follows = number - 1;
alter table release alter column follows set not null;
