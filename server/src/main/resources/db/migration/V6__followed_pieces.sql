-- What following the piece of a trial through heat and water told, so that no start of the server does it anew. May be
-- emptied at any time: what is missing is worked out again.
create table followed_piece (
    trial_id  bigint   not null primary key,
    piece_key char(32) not null,
    followed  longtext not null,
    constraint followed_piece_of_trial foreign key (trial_id) references trial (id) on delete cascade,
    constraint followed_piece_json check (json_valid(followed))
);
