-- What of a bend nobody wrote down: it is supposed as usual, and forecasts count with what it could have been.
alter table trial add column supposed varchar(60);
