-- Pieces on their way over the bench: what is planned for each, and what was said of it by a touch. Once judged it is a trial.
create table bench_piece (
    id               bigint       not null auto_increment primary key,
    version          integer      not null,
    deleted_at       datetime(3),
    shop             varchar(20)  not null default 'own',
    name             varchar(120) not null,

    species_id       varchar(60)  not null,
    seasoning        varchar(20)  not null,
    moisture_percent double,
    growth_rings     varchar(20)  not null,
    grain_run        double,
    knots            varchar(20)  not null,
    outer_face       varchar(20),
    thickness_mm     double       not null,
    width_mm         double       not null,
    outline          varchar(30),
    inner_radius_mm  double       not null,
    angle_degrees    double       not null,
    method           varchar(40)  not null,
    settings         longtext     not null,
    person           varchar(80),
    board            varchar(80),
    source           varchar(80),

    trial_id         bigint,
    rack_id          bigint,
    index bench_piece_of_shop (shop, deleted_at),
    constraint bench_piece_settings check (json_valid(settings) and coalesce(json_value(settings, '$.version'), 0) >= 1)
);

create table bench_tap (
    piece_id bigint      not null,
    position integer     not null,
    tap      varchar(20) not null,
    said_at  datetime(3) not null,
    celsius  double,
    primary key (piece_id, position),
    constraint bench_tap_of_piece foreign key (piece_id) references bench_piece (id),
    constraint bench_tap_reading check ((tap = 'READING') = (celsius is not null))
);
