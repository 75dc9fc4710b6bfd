-- The source in which a show's alerts are heard, where somebody chose one.
alter table show add column sounds_in uuid;
