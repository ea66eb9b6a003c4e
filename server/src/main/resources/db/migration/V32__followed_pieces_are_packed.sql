-- What following a piece told is kept as packed numbers; what was kept as text is worked out once more.
truncate table followed_piece;
alter table followed_piece
    drop constraint followed_piece_json,
    modify followed blob not null;
