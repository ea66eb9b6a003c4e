-- Boards in stock: size, what is marked on them, how wet they were, and the blanks laid on them. A board is the one that trials name.
create table stock_board (
    id           bigint      not null auto_increment primary key,
    version      integer     not null,
    deleted_at   datetime(3),
    shop         varchar(20) not null default 'own',
    board_id     bigint      not null,

    species_id   varchar(60) not null,
    seasoning    varchar(20) not null,
    growth_rings varchar(20) not null,
    grain_run    double,
    length_mm    double      not null,
    width_mm     double      not null,
    thickness_mm double      not null,
    kerf_mm      double      not null,
    source       varchar(80),
    place        varchar(80),
    price        varchar(40),
    note         varchar(2000) not null,
    index stock_board_of_shop (shop, deleted_at),
    constraint stock_board_once unique (board_id),
    constraint stock_board_named foreign key (board_id) references board (id)
);

create table stock_mark (
    stock_id  bigint      not null,
    position  integer     not null,
    kind      varchar(20) not null,
    along_mm  double      not null,
    across_mm double      not null,
    length_mm double      not null,
    width_mm  double      not null,
    grain_run double,
    primary key (stock_id, position),
    constraint stock_mark_on_board foreign key (stock_id) references stock_board (id)
);

create table stock_reading (
    stock_id         bigint  not null,
    position         integer not null,
    read_on          date    not null,
    moisture_percent double,
    sample_wet_g     double,
    sample_dry_g     double,
    mass_g           double,
    primary key (stock_id, position),
    constraint stock_reading_of_board foreign key (stock_id) references stock_board (id)
);

create table stock_blank (
    stock_id     bigint       not null,
    position     integer      not null,
    name         varchar(120) not null,
    along_mm     double       not null,
    across_mm    double       not null,
    length_mm    double       not null,
    width_mm     double       not null,
    bent_from_mm double       not null,
    bent_to_mm   double       not null,
    cut          boolean      not null,
    primary key (stock_id, position),
    constraint stock_blank_of_board foreign key (stock_id) references stock_board (id)
);
