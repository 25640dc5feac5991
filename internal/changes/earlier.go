package changes

import (
	"slices"
	"strconv"
	"strings"
)

// This file has the functions of earlier scripts, which do the same, more slowly: owners who ran
// one need not run another.

// bodies are all sources that the function of a followed table's log may have.
func (f *Followed) bodies() []string {
	if f.Edition == Latest {
		return []string{f.body()}
	}
	once := func(of ...from) string {
		return "\n          " + imagesBy("", "", f.Fields, f.Edition < Unnamed, of...)
	}
	return []string{f.bodyWith(once, "\n          and ", "", looked), f.bodyWith(f.imagesBefore, " and ", "", looked), f.bodyWith(f.imagesBefore, " and ", "", lookedBefore)}
}

// Earlier are the logs that earlier scripts may have created, with the fields that the first one
// logged; none if their functions do not work with these fields.
func (f *Followed) Earlier(first []string) []*Followed {
	for _, field := range f.Fields {
		switch name := field.Name; {
		case strings.HasPrefix(name, ownPrefix), strings.HasPrefix(name, "tg_"), slices.Contains([]string{"images", "found", "new", "old", "since", "others"}, name):
			return nil
		}
	}
	typed, unnamed := *f, *f
	typed.Edition, unnamed.Edition = Typed, Unnamed
	unnamed.Fields = slices.DeleteFunc(slices.Clone(f.Fields), func(field Field) bool { return !slices.Contains(first, field.Name) })
	for _, created := range []*Followed{&typed, &unnamed} {
		created.Fields = slices.Clone(created.Fields)
		for i := range created.Fields {
			created.Fields[i].Foreign = false
		}
	}
	return []*Followed{&typed, &unnamed}
}

// lookedBefore was planned anew at each change.
const lookedBefore = `    if (tg_op = 'TRUNCATE' or images > %[5]d or images = 0 and not exists (select from %[6]s.followed f %[4]s))
      and not exists (select from %[7]s where %[8]s = %[9]d) then
      %[10]s
    end if;`

// imagesBefore looked at the size of each text up to three times, before and after the change.
func (f *Followed) imagesBefore(of ...from) string {
	var logged, long, which []string
	for _, field := range f.Fields {
		name := quote(field.Name)
		if !field.Long {
			logged = append(logged, name)
			continue
		}
		tooLong := "pg_column_size(" + name + ") > " + strconv.Itoa(longest)
		logged = append(logged, "case when "+tooLong+" then null else "+name+" end")
		long = append(long, "coalesce("+tooLong+", false)")
		which = append(which, "case when "+tooLong+" then "+literal(field.Name)+" end")
	}
	text, names := "false", "null::text[]"
	if len(long) > 0 {
		text = strings.Join(long, " or ")
		names = "case when " + text + " then array_remove(array[" + strings.Join(which, ", ") + "]::text[], null) end"
	}
	if f.Edition < Unnamed {
		text += ", " + names
	}
	var rows []string
	for _, one := range of {
		rows = append(rows, "\n          select "+strconv.Itoa(one.side)+", "+text+", "+strings.Join(logged, ", ")+" from "+one.rows)
	}
	return strings.Join(rows, " union all")
}
