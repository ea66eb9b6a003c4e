-- Thermometers that send what they read, each with a token of its own of which only a digest is kept.
create table instrument (
    id            bigint       not null auto_increment primary key,
    version       integer      not null,
    deleted_at    datetime(3),
    shop          varchar(20)  not null default 'own',
    name          varchar(80)  not null,
    token_digest  char(64)     not null,
    thinned_until datetime(3)  not null,
    index instrument_of_shop (shop, deleted_at)
);

create table instrument_reading (
    instrument_id bigint not null,
    -- milliseconds since 1970, which no change of clocks makes ambiguous
    read_at_ms    bigint not null,
    celsius       double not null,
    primary key (instrument_id, read_at_ms),
    constraint reading_of_instrument foreign key (instrument_id) references instrument (id)
);

-- The thermometer that was heard when a piece went into the heat.
alter table bench_piece add column thermometer_id bigint;
