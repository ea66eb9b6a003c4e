-- The curve the pieces of a job are bent to, where that is more than one bend.
alter table job
    add column curve_id bigint,
    add constraint job_curve foreign key (curve_id) references kept_curve (id);
