-- When a shop works and with how many hands, and the plan of the day: when each piece is begun, bent and let go, on what of the rig.
create table day_hours (
    id                bigint      not null auto_increment primary key,
    version           integer     not null,
    deleted_at        datetime(3),
    shop              varchar(20) not null default 'own',
    people            integer     not null,
    days              varchar(7)  not null,
    opens             time        not null,
    closes            time        not null,
    lay_in_minutes    integer,
    bend_minutes      integer,
    glue_minutes      integer,
    take_off_minutes  integer,
    warm_up_minutes   integer,
    index day_hours_of_shop (shop),
    constraint day_hours_people check (people between 1 and 50),
    constraint day_hours_open check (opens < closes)
);

create table day_plan (
    id         bigint      not null auto_increment primary key,
    version    integer     not null,
    deleted_at datetime(3),
    shop       varchar(20) not null default 'own',
    made_at    datetime(3) not null,
    index day_plan_of_shop (shop, deleted_at)
);

-- How many pieces of a job were good, bent, under way or to be begun when the plan was taken: one that is spoilt later is made good.
create table day_job (
    plan_id  bigint  not null,
    position integer not null,
    job_id   bigint  not null,
    counted  integer not null,
    primary key (plan_id, position),
    constraint planned_of_plan foreign key (plan_id) references day_plan (id),
    constraint planned_of_job foreign key (job_id) references job (id)
);

-- One stretch of work on a piece; a piece that is not on the bench yet is known by its job and its number there.
create table day_slot (
    plan_id    bigint      not null,
    position   integer     not null,
    job_id     bigint,
    number     integer     not null,
    piece_id   bigint,
    step       varchar(20) not null,
    begins_at  datetime(3) not null,
    hands_off_at datetime(3) not null,
    ready_at   datetime(3) not null,
    ends_at    datetime(3) not null,
    primary key (plan_id, position),
    constraint slot_of_plan foreign key (plan_id) references day_plan (id),
    constraint slot_of_job foreign key (job_id) references job (id),
    constraint slot_of_piece foreign key (piece_id) references bench_piece (id),
    constraint day_slot_in_order check (begins_at <= hands_off_at and hands_off_at <= ready_at and begins_at <= ends_at)
);

create table day_slot_item (
    plan_id  bigint  not null,
    position integer not null,
    slot     integer not null,
    item_id  bigint  not null,
    primary key (plan_id, position),
    constraint slot_item_of_plan foreign key (plan_id) references day_plan (id),
    constraint slot_item_of_rig foreign key (item_id) references rig_item (id)
);
