-- What somebody answered on the way to their first source; the theme is made of it while nothing else changed it.
create table beginning (
    theme_id uuid primary key references theme on delete cascade,
    answers  jsonb not null,
    step     integer not null,
    gesture  text not null
);
