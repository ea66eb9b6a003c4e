-- A blank says which job it is for and which ply it is; a job says what of the rig its pieces are made with.
alter table stock_blank add column job_id bigint;
alter table stock_blank add constraint blank_of_job foreign key (job_id) references job (id);
alter table stock_blank add column ply integer;

create table job_item (
    job_id   bigint  not null,
    position integer not null,
    item_id  bigint  not null,
    takes    integer not null,
    primary key (job_id, position),
    constraint item_of_job foreign key (job_id) references job (id),
    constraint job_item_in_rig foreign key (item_id) references rig_item (id)
);

-- Who did what at the bench, where somebody said.
alter table bench_tap add column person varchar(80);
