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
