-- What text search needs: folding of case and accents that an index may rely on.
create extension if not exists unaccent schema pageladder;
create extension if not exists pg_trgm schema pageladder;

-- unaccent() is only stable, since its dictionary can be changed; this one names
-- the dictionary, which nobody changes.
create function pageladder.fold(text) returns text
  language sql immutable strict parallel safe
  return lower(pageladder.unaccent('pageladder.unaccent'::regdictionary, $1) collate "und-x-icu");

-- The query for words that begin like the given one.
create function pageladder.prefix_query(text) returns tsquery
  language sql immutable strict parallel safe
  return case when pageladder.fold($1) = '' then ''::tsquery else to_tsquery('simple', '''' || replace(replace(pageladder.fold($1), '\', '\\'), '''', '''''') || ''':*') end;

---- create above / drop below ----

drop function pageladder.prefix_query(text);
drop function pageladder.fold(text);
drop extension pg_trgm;
drop extension unaccent;
