-- The first-th row of a query, counted from 1, and every step-th after it. The rows
-- between are passed over where they are.
create function pageladder.every(query text, first integer, step integer) returns setof record
  language plpgsql stable as $$
declare
  walk refcursor;
  here record;
  move integer := first;
begin
  open walk no scroll for execute query;
  loop
    fetch relative move from walk into here;
    exit when not found;
    return next here;
    move := step;
  end loop;
  close walk;
end $$;

---- create above / drop below ----

drop function pageladder.every(text, integer, integer);
