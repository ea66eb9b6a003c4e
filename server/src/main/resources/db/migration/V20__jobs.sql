-- Jobs: so many good pieces wanted, with every plan there was for them. Pieces on the bench and records may be of a job.
create table job (
    id         bigint        not null auto_increment primary key,
    version    integer       not null,
    deleted_at datetime(3),
    shop       varchar(20)   not null default 'own',
    name       varchar(120)  not null,
    wanted     integer       not null,
    certainty  double        not null,
    flaws_pass boolean       not null,
    due_on     date,
    note       varchar(2000) not null,
    index job_of_shop (shop, deleted_at)
);

create table job_plan (
    job_id           bigint       not null,
    position         integer      not null,
    planned_at       datetime(3)  not null,

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

    primary key (job_id, position),
    constraint plan_of_job foreign key (job_id) references job (id),
    constraint job_plan_settings check (json_valid(settings) and coalesce(json_value(settings, '$.version'), 0) >= 1)
);

alter table bench_piece add column job_id bigint;
alter table bench_piece add constraint piece_of_job foreign key (job_id) references job (id);
alter table trial add column job_id bigint;
alter table trial add constraint trial_of_job foreign key (job_id) references job (id);
