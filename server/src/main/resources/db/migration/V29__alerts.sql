-- The queue of alerts is kept with what follows from a show's signals; a signal says with whose alert it is shown, where
-- that is not its own, and what became of it.
alter table facts add column queue jsonb not null default
    '{"alerts":[],"last":null,"free":0,"paused":false,"silent":false,"repeated":0}';
alter table facts alter column queue drop default;

alter table signal add column shown_with text not null default '';
alter table signal add column fate text not null default 'NO_RULE';
alter table signal add column decided_by uuid;
update signal set fate = 'SHOWN' where shows_from is not null;
drop index signal_channel_id_shows_till_idx;
