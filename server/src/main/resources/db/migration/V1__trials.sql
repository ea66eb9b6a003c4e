-- The record of bends. Lengths in mm, angles in degrees, temperatures in degrees Celsius.
create table trial (
    id                 bigint       not null auto_increment primary key,
    version            integer      not null,
    logged_at          datetime(3)  not null,
    deleted_at         datetime(3),
    bent_on            date         not null,

    species_id         varchar(60)  not null,
    seasoning          varchar(20)  not null,
    moisture_percent   double,
    growth_rings       varchar(20)  not null,
    grain_run          double,
    knots              varchar(20)  not null,
    thickness_mm       double       not null,
    width_mm           double       not null,

    inner_radius_mm    double       not null,
    angle_degrees      double       not null,

    method             varchar(30)  not null,
    soak_hours         double,
    steam_minutes      double,
    chamberc           double,
    carry_seconds      double,
    strap_material     varchar(20),
    strap_thickness_mm double,
    strap_end_gap_mm   double,
    glue               varchar(20),
    plies              integer,

    severity           varchar(20)  not null,
    flaw               varchar(30),
    released_radius_mm double,
    note               varchar(2000) not null,

    constraint trial_thickness check (thickness_mm between 0.3 and 100),
    constraint trial_radius check (inner_radius_mm between 5 and 20000),
    constraint trial_moisture check (moisture_percent between 0 and 200),
    constraint trial_flaw check ((severity = 'CLEAN') = (flaw is null)),
    constraint trial_method check (
        (method = 'STEAM_BOX' and steam_minutes is not null and plies is null)
        or (method = 'COLD_LAMINATION' and plies is not null and steam_minutes is null))
);

create index trial_by_day on trial (deleted_at, bent_on, id);

-- Counts every change to the records, so that a fit knows when it is out of date.
create table trial_revision (
    id       tinyint not null primary key,
    revision bigint  not null,
    constraint trial_revision_single check (id = 1)
);

insert into trial_revision (id, revision) values (1, 0);
