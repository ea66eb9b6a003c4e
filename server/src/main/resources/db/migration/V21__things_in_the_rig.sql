-- Things in the rig that pieces are made with, and which piece has which; the blank a piece on the bench is of, and photographs of it. Lengths in mm, temperatures in degrees Celsius.
create table rig_item (
    id               bigint        not null auto_increment primary key,
    version          integer       not null,
    deleted_at       datetime(3),
    shop             varchar(20)   not null default 'own',
    kind             varchar(20)   not null,
    name             varchar(80)   not null,
    room             integer       not null,
    place            varchar(80),
    note             varchar(2000) not null,
    radius_mm        double,
    angle_degrees    double,
    width_mm         double,
    length_mm        double,
    thickness_mm     double,
    reach_mm         double,
    open_minutes     double,
    clamped_hours    double,
    celsius          double,
    humidity_percent double,
    material         varchar(20),
    glue             varchar(20),
    made_of          varchar(120),
    clamp_places     integer,
    also_rack        boolean,
    closed_minutes   double,
    pressure_mpa     double,
    spread_grams_per_m2 double,
    wants_damp       boolean,
    batch            varchar(40),
    opened_on        date,
    index rig_item_of_shop (shop, deleted_at)
);

create table bench_item (
    piece_id bigint  not null,
    position integer not null,
    item_id  bigint  not null,
    takes    integer not null,
    primary key (piece_id, position),
    constraint item_of_piece foreign key (piece_id) references bench_piece (id),
    constraint item_of_rig foreign key (item_id) references rig_item (id)
);

alter table bench_piece add column stock_id bigint;
alter table bench_piece add column blank_name varchar(120);
alter table bench_piece add constraint piece_of_stock foreign key (stock_id) references stock_board (id);

alter table photo add column piece_id bigint;
alter table photo add constraint photo_of_piece foreign key (piece_id) references bench_piece (id);
alter table photo drop constraint photo_of_one;
alter table photo add constraint photo_of_one check ((trial_id is not null) + (stock_id is not null) + (piece_id is not null) = 1);
