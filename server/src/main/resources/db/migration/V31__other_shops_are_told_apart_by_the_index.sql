-- Names, and whatever is counted of the shop's own trials alone, need no look at the trials themselves.
alter table trial
    drop index trial_found,
    add index trial_found (shop, deleted_at, bent_on, id, species_id, method, severity, flaw, person_id, board_id, source_id, job_id, seasoning,
        thickness_mm, width_mm, inner_radius_mm, angle_degrees, moisture_percent, other_shop_id);
