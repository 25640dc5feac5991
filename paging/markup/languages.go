package markup

import (
	"slices"
	"sync"

	"golang.org/x/text/language"
)

var english = Words{
	Pages: "Pages", Page: "Page {page}", Previous: "Previous", Next: "Next", First: "First", Last: "Last",
	Gap:     Plural{Other: "Pages {from} to {to} are left out"},
	GapLink: "; go to page {page}",
	OpenGap: "More pages follow, from {from} on",
	Rows:    "{first}–{last}",
	Of:      Plural{One: "{rows} of {total} record", Other: "{rows} of {total} records"},
	AtLeast: Plural{One: "{rows} of at least {total} record", Other: "{rows} of at least {total} records"},
	None:    "No records", NoneOf: Plural{One: "None of {total} record", Other: "None of {total} records"},
	Some: Plural{One: "{count} record", Other: "{count} records"}, Newer: "Newer", Older: "Older",
	Size: "Records to a page", All: "All", SizeGo: "Show", Jump: "Go to page", JumpRow: "Go to row", JumpGo: "Go",
	Search: "Search", ShowAll: "Show all", Remove: "Remove", Not: "not", Min: "min", Max: "max", Has: "has", Starts: "starts with", NoValue: "has no value", Yes: "yes", No: "no",
}

var builtin = []struct {
	tag   language.Tag
	words Words
}{
	{language.English, english},
	{language.German, Words{
		Pages: "Seiten", Page: "Seite {page}", Previous: "Zurück", Next: "Weiter", First: "Erste", Last: "Letzte",
		Gap:     Plural{Other: "Seiten {from} bis {to} sind ausgelassen"},
		GapLink: "; zu Seite {page}",
		OpenGap: "Weitere Seiten folgen ab {from}",
		Rows:    "{first}–{last}",
		Of:      Plural{One: "{rows} von {total} Eintrag", Other: "{rows} von {total} Einträgen"},
		AtLeast: Plural{One: "{rows} von mindestens {total} Eintrag", Other: "{rows} von mindestens {total} Einträgen"},
		None:    "Keine Einträge", NoneOf: Plural{One: "Keiner von {total} Eintrag", Other: "Keiner von {total} Einträgen"},
		Some: Plural{One: "{count} Eintrag", Other: "{count} Einträge"}, Newer: "Neuere", Older: "Ältere",
		Size: "Einträge je Seite", All: "Alle", SizeGo: "Anzeigen", Jump: "Zu Seite", JumpRow: "Zu Zeile", JumpGo: "Los",
		Search: "Suche", ShowAll: "Alle anzeigen", Remove: "Entfernen", Not: "nicht", Min: "ab", Max: "bis", Has: "enthält", Starts: "beginnt mit", NoValue: "fehlt", Yes: "ja", No: "nein",
	}},
	{language.French, Words{
		Pages: "Pages", Page: "Page {page}", Previous: "Précédente", Next: "Suivante", First: "Première", Last: "Dernière",
		Gap:     Plural{Other: "Les pages {from} à {to} sont omises"},
		GapLink: " ; aller à la page {page}",
		OpenGap: "D’autres pages suivent à partir de la page {from}",
		Rows:    "{first}–{last}",
		Of:      Plural{One: "{rows} sur {total} enregistrement", Many: "{rows} sur {total} d’enregistrements", Other: "{rows} sur {total} enregistrements"},
		AtLeast: Plural{One: "{rows} sur au moins {total} enregistrement", Many: "{rows} sur au moins {total} d’enregistrements", Other: "{rows} sur au moins {total} enregistrements"},
		None:    "Aucun enregistrement", NoneOf: Plural{One: "Aucun de {total} enregistrement", Many: "Aucun des {total} d’enregistrements", Other: "Aucun des {total} enregistrements"},
		Some: Plural{One: "{count} enregistrement", Many: "{count} d’enregistrements", Other: "{count} enregistrements"}, Newer: "Plus récents", Older: "Plus anciens",
		Size: "Enregistrements par page", All: "Tous", SizeGo: "Afficher", Jump: "Aller à la page", JumpRow: "Aller à la ligne", JumpGo: "Aller",
		Search: "Recherche", ShowAll: "Tout afficher", Remove: "Retirer", Not: "sauf", Min: "min", Max: "max", Has: "contient", Starts: "commence par", NoValue: "est absent", Yes: "oui", No: "non",
	}},
	{language.Spanish, Words{
		Pages: "Páginas", Page: "Página {page}", Previous: "Anterior", Next: "Siguiente", First: "Primera", Last: "Última",
		Gap:     Plural{Other: "Se omiten las páginas {from} a {to}"},
		GapLink: "; ir a la página {page}",
		OpenGap: "Siguen más páginas desde la {from}",
		Rows:    "{first}–{last}",
		Of:      Plural{One: "{rows} de {total} registro", Many: "{rows} de {total} de registros", Other: "{rows} de {total} registros"},
		AtLeast: Plural{One: "{rows} de al menos {total} registro", Many: "{rows} de al menos {total} de registros", Other: "{rows} de al menos {total} registros"},
		None:    "Ningún registro", NoneOf: Plural{One: "Ninguno de {total} registro", Many: "Ninguno de {total} de registros", Other: "Ninguno de {total} registros"},
		Some: Plural{One: "{count} registro", Many: "{count} de registros", Other: "{count} registros"}, Newer: "Más recientes", Older: "Más antiguos",
		Size: "Registros por página", All: "Todos", SizeGo: "Mostrar", Jump: "Ir a la página", JumpRow: "Ir a la fila", JumpGo: "Ir",
		Search: "Búsqueda", ShowAll: "Mostrar todo", Remove: "Quitar", Not: "no", Min: "mín.", Max: "máx.", Has: "contiene", Starts: "empieza por", NoValue: "falta", Yes: "sí", No: "no",
	}},
	{language.Arabic, Words{
		Pages: "الصفحات", Page: "الصفحة {page}", Previous: "السابق", Next: "التالي", First: "الأولى", Last: "الأخيرة",
		Gap:     Plural{Other: "حُذفت الصفحات من {from} إلى {to}"},
		GapLink: "؛ انتقل إلى الصفحة {page}",
		OpenGap: "تتبعها صفحات أخرى ابتداءً من {from}",
		Rows:    "{first}–{last}",
		Of: Plural{One: "{rows} من سجل واحد", Two: "{rows} من سجلين", Few: "{rows} من {total} سجلات",
			Many: "{rows} من {total} سجلًا", Other: "{rows} من {total} سجل"},
		AtLeast: Plural{One: "{rows} من سجل واحد على الأقل", Two: "{rows} من سجلين على الأقل", Few: "{rows} من {total} سجلات على الأقل",
			Many: "{rows} من {total} سجلًا على الأقل", Other: "{rows} من {total} سجل على الأقل"},
		None: "لا توجد سجلات",
		NoneOf: Plural{One: "لا شيء من سجل واحد", Two: "لا شيء من سجلين", Few: "لا شيء من {total} سجلات",
			Many: "لا شيء من {total} سجلًا", Other: "لا شيء من {total} سجل"},
		Some: Plural{One: "سجل واحد", Two: "سجلان", Few: "{count} سجلات", Many: "{count} سجلًا", Other: "{count} سجل"}, Newer: "الأحدث", Older: "الأقدم",
		Size: "عدد السجلات في الصفحة", All: "الكل", SizeGo: "عرض", Jump: "انتقل إلى الصفحة", JumpRow: "انتقل إلى الصف", JumpGo: "انتقل",
		Search: "بحث", ShowAll: "عرض الكل", Remove: "إزالة", Not: "ليس", Min: "من", Max: "إلى", Has: "يحتوي", Starts: "يبدأ بـ", NoValue: "بلا قيمة", Yes: "نعم", No: "لا",
	}},
	{language.Japanese, Words{
		Pages: "ページ", Page: "{page} ページ", Previous: "前へ", Next: "次へ", First: "最初", Last: "最後",
		Gap:     Plural{Other: "{from}～{to} ページは省略"},
		GapLink: "、{page} ページへ",
		OpenGap: "{from} ページ以降が続きます",
		Rows:    "{first}～{last}",
		Of:      Plural{Other: "{total} 件中 {rows} 件目"},
		AtLeast: Plural{Other: "{total} 件以上中 {rows} 件目"},
		None:    "データがありません", NoneOf: Plural{Other: "{total} 件中 0 件"},
		Some: Plural{Other: "{count} 件"}, Newer: "新しい方へ", Older: "古い方へ",
		Size: "1 ページの件数", All: "すべて", SizeGo: "表示", Jump: "ページへ移動", JumpRow: "行へ移動", JumpGo: "移動",
		Search: "検索", ShowAll: "すべて表示", Remove: "外す", Not: "以外", Min: "以上", Max: "以下", Has: "を含む", Starts: "で始まる", NoValue: "値なし", Yes: "はい", No: "いいえ",
	}},
}

var languages = sync.OnceValue(func() (all struct {
	list    []*Language
	matcher language.Matcher
}) {
	var tags []language.Tag
	for _, b := range builtin {
		all.list = append(all.list, NewLanguage(b.tag, b.words))
		tags = append(tags, b.tag)
	}
	all.matcher = language.NewMatcher(tags)
	return all
})

// Languages are those that come with the package: English, German, French,
// Spanish, Arabic and Japanese.
func Languages() []*Language { return slices.Clone(languages().list) }

// LanguageFor is the language that best fits a reader's preferences: BCP 47 tags or whole
// Accept-Language values (RFC 9110 section 12.5.4), the most preferred first. It is English if
// none fits.
func LanguageFor(preferences ...string) *Language {
	_, i := language.MatchStrings(languages().matcher, preferences...)
	return languages().list[i]
}
