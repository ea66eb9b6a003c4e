-- Rows of tables that were brought in and could not be read as trials: kept as they came until they are mended.
create table row_set_aside (
    id         bigint        not null auto_increment primary key,
    version    integer       not null,
    file_name  varchar(255)  not null,
    line       bigint        not null,
    headings   mediumtext    not null,
    cells      mediumtext    not null,
    brought_at datetime(3)   not null,
    deleted_at datetime(3)
);
