-- Whose hands, which board, where from; how the stretched face was made, what was in the soak, hours on the form.
alter table trial
    add column person        varchar(80),
    add column board         varchar(80),
    add column source        varchar(80),
    add column outer_face    varchar(20),
    add column soak_additive varchar(20),
    add column hold_hours    double;

-- The process as it was done: what each stage really took. The plan is in the trial itself.
create table trial_stage (
    trial_id       bigint      not null,
    position       integer     not null,
    kind           varchar(20) not null,
    actual_minutes double      not null,
    primary key (trial_id, position),
    constraint trial_stage_of_trial foreign key (trial_id) references trial (id) on delete cascade,
    constraint trial_stage_takes_time check (actual_minutes > 0)
);

-- What a thermometer in the chamber wrote down.
create table chamber_reading (
    trial_id bigint  not null,
    position integer not null,
    minutes  double  not null,
    celsius  double  not null,
    primary key (trial_id, position),
    constraint chamber_reading_of_trial foreign key (trial_id) references trial (id) on delete cascade
);

-- Trials written down before had no plan beside what was done: both were the same.
insert into trial_stage (trial_id, position, kind, actual_minutes)
select id, 0, 'SOAK', soak_hours * 60 from trial where method = 'STEAM_BOX' and soak_hours > 0;
insert into trial_stage (trial_id, position, kind, actual_minutes)
select id, if(soak_hours > 0, 1, 0), 'STEAM_BOX', steam_minutes from trial where method = 'STEAM_BOX';
insert into trial_stage (trial_id, position, kind, actual_minutes)
select id, if(soak_hours > 0, 2, 1), 'CARRY', carry_seconds / 60 from trial where method = 'STEAM_BOX' and carry_seconds > 0;

-- The shop's steam rig.
create table steam_rig (
    id                      tinyint     not null primary key,
    version                 integer     not null,
    length_mm               double      not null,
    width_mm                double      not null,
    height_mm               double      not null,
    wall                    varchar(20) not null,
    wall_thickness_mm       double      not null,
    insulation_thickness_mm double      not null,
    vent_area_mm2           double      not null,
    generator_watts         double      not null,
    generators              integer     not null,
    tank_litres             double      not null,
    shopc                   double      not null,
    altitudem               double      not null,
    constraint steam_rig_single check (id = 1),
    constraint steam_rig_open check (vent_area_mm2 >= 50)
);
