-- What a file is says its own row, not whoever names it.
alter table file add column facts jsonb;
