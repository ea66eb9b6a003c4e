-- Views of the records that somebody keeps: which records, in what order, counted by what; a document each.
create table saved_view (
    id         bigint      not null auto_increment primary key,
    version    integer     not null,
    deleted_at datetime(3),
    shop       varchar(20) not null default 'own',
    name       varchar(80) not null,
    document   longtext    not null,
    index saved_view_of_shop (shop, deleted_at),
    constraint saved_view_document check (json_valid(document))
);

-- What records are most often found, counted and put in order by is read from keys alone.
alter table trial
    add index trial_found (shop, deleted_at, bent_on, id, species_id, method, severity, flaw, person_id, board_id, source_id, job_id, seasoning,
        thickness_mm, width_mm, inner_radius_mm, angle_degrees, moisture_percent),
    add index trial_by_thickness (shop, deleted_at, thickness_mm, bent_on, id),
    add index trial_by_radius (shop, deleted_at, inner_radius_mm, bent_on, id),
    drop index trial_by_day;
