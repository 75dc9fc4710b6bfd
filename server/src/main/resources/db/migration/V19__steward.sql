-- Who sees to this installation: the first account that a person made. The demo's own account is nobody's.
alter table account add column steward boolean not null default false;
alter table account add column demo boolean not null default false;
create unique index one_steward on account (steward) where steward;
update account set demo = true where email = 'host@reedlight.example';

-- What the steward decides for the whole installation; one row.
create table installation (
    name    text primary key check (name = 'this'),
    sign_up boolean not null
);
insert into installation (name, sign_up) values ('this', false);
