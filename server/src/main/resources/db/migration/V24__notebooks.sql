-- What people's own tables mean, by their shape: a document, offered for the next table under the same headings.
create table notebook (
    id         bigint      not null auto_increment primary key,
    version    integer     not null,
    deleted_at datetime(3),
    shop       varchar(20) not null default 'own',
    shape      char(32)    not null,
    document   longtext    not null,
    unique index notebook_of_shape (shop, shape),
    constraint notebook_document check (json_valid(document))
);
