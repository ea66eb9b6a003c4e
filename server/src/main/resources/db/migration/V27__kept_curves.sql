-- Curves of straights and arcs that somebody keeps by name; a document each.
create table kept_curve (
    id         bigint      not null auto_increment primary key,
    version    integer     not null,
    deleted_at datetime(3),
    shop       varchar(20) not null default 'own',
    name       varchar(80) not null,
    document   longtext    not null,
    index kept_curve_of_shop (shop, deleted_at),
    constraint kept_curve_document check (json_valid(document))
);
