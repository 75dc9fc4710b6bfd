-- The practice bot of a theme, while it is in the chat of the theme's channel.
create table bot_trial (
    theme_id   uuid primary key references theme on delete cascade,
    channel_id uuid not null references channel on delete cascade,
    -- What it remembers: when it answered and said what.
    mind       jsonb not null,
    -- The scene that the rig shows; empty for none.
    scene      text not null,
    -- When it leaves by itself, epoch milliseconds.
    until      bigint not null
);

create index bot_trial_channel on bot_trial (channel_id);
