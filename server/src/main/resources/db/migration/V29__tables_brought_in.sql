-- Whose records those are that came from elsewhere, and whether forecasts count them.
create table other_shop (
    id         bigint       not null auto_increment primary key,
    version    integer      not null,
    deleted_at datetime(3),
    shop       varchar(20)  not null default 'own',
    name       varchar(100) not null,
    counted    boolean      not null,
    unique index other_shop_name (shop, name)
);

-- Tables that were brought in, each to be taken back as a whole.
create table brought_in (
    id            bigint       not null auto_increment primary key,
    version       integer      not null,
    deleted_at    datetime(3),
    shop          varchar(20)  not null default 'own',
    file_name     varchar(255) not null,
    brought_at    datetime(3)  not null,
    other_shop_id bigint,
    index brought_in_of_shop (shop, deleted_at),
    constraint brought_in_other_shop foreign key (other_shop_id) references other_shop (id)
);

alter table row_set_aside
    add column brought_in_id bigint,
    add constraint row_set_aside_brought_in foreign key (brought_in_id) references brought_in (id);

-- Keys of trials are given a hundred at a time, so that many can be written in one go.
set @counting_on = (select concat('create sequence trial_seq start with ', coalesce(max(id), 0) + 1, ' increment by 100 nocache') from trial);
execute immediate @counting_on;

set foreign_key_checks = 0;
alter table trial
    modify column id bigint not null default (next value for trial_seq),
    add column brought_in_id bigint,
    add column other_shop_id bigint,
    add constraint trial_brought_in foreign key (brought_in_id) references brought_in (id),
    add constraint trial_other_shop foreign key (other_shop_id) references other_shop (id);
set foreign_key_checks = 1;
