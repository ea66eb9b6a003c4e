-- Pieces on the drying rack and their weigh-ins. Lengths in mm, masses in g, temperatures in degrees Celsius.
create table drying_piece (
    id                     bigint       not null auto_increment primary key,
    version                integer      not null,
    deleted_at             datetime(3),
    name                   varchar(120) not null,
    species_id             varchar(60)  not null,
    thickness_mm           double       not null,
    width_mm               double       not null,
    started_on             date         not null,
    start_moisture_percent double       not null,
    start_mass_g           double,
    shopc                  double       not null,
    shop_humidity_percent  double       not null,
    constraint drying_thickness check (thickness_mm between 0.3 and 100),
    constraint drying_moisture check (start_moisture_percent between 0 and 200),
    constraint drying_mass check (start_mass_g > 0)
);

create table weigh_in (
    piece_id         bigint  not null,
    position         integer not null,
    weighed_on       date    not null,
    moisture_percent double,
    mass_g           double,
    primary key (piece_id, position),
    constraint weigh_in_of_piece foreign key (piece_id) references drying_piece (id),
    constraint weigh_in_one_reading check ((moisture_percent is null) <> (mass_g is null))
);
