-- What came from each platform alone, of shows that are fed by several; those are counted anew from their signals.
alter table facts add column apart jsonb not null default '{}';
alter table facts alter column apart drop default;
delete from facts where show_id in (select show_id from channel group by show_id having count(*) > 1);
