-- Every write carries a key of its own; what was answered to it, so that the same write sent again is not done again.
create table write_done (
    shop         varchar(20)   not null,
    write_key    varchar(64)   not null,
    fingerprint  char(64)      not null,
    written_at   datetime(3)   not null,
    status       integer       not null default 0,
    location     varchar(200),
    content_type varchar(100),
    body         mediumblob,
    primary key (shop, write_key),
    index write_done_by_day (written_at)
);
