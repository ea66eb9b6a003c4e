-- Photographs of records and boards, as they were re-encoded, with what was pointed at on them.
create table photo (
    id         bigint       not null auto_increment primary key,
    version    integer      not null,
    deleted_at datetime(3),
    shop       varchar(20)  not null default 'own',
    trial_id   bigint,
    stock_id   bigint,
    added_at   datetime(3)  not null,
    caption    varchar(200) not null,
    width_px   integer      not null,
    height_px  integer      not null,
    -- a JSON document, null when nothing was measured
    pointed    varchar(8000),
    index photo_of_trial (trial_id),
    index photo_of_board (stock_id),
    constraint photo_of_one check ((trial_id is null) <> (stock_id is null)),
    constraint photo_trial foreign key (trial_id) references trial (id),
    constraint photo_board foreign key (stock_id) references stock_board (id)
);

create table photo_image (
    photo_id bigint      not null,
    size     varchar(10) not null,
    jpeg     mediumblob  not null,
    primary key (photo_id, size),
    constraint image_of_photo foreign key (photo_id) references photo (id)
);
