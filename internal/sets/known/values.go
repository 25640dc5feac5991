package known

// A value is kept twice: among the values of its list, by a key, where it is found; and on the shelf of its kind, where it
// gives way. These keep both alike, whatever happens to the list meanwhile.

// set has a value be the list's for a key, instead of the one before. The caller holds the list's lock, and puts the value on
// the shelf without it.
func set[K, V comparable](s *shelf[V], values *map[K]V, key K, v V) {
	if *values == nil {
		*values = map[K]V{}
	}
	if old, ok := (*values)[key]; ok && old != v {
		s.off(old)
	}
	(*values)[key] = v
}

// put puts a value of the list on its shelf, or notes that it was used and has another size. One that the list does not have any
// more, or whose list nobody finds any more, does not stay there.
func put[K, V comparable](l *List, s *shelf[V], values *map[K]V, key K, v V, bytes int) {
	s.put(v, bytes, func() { take(l, s, values, key, v) })
	l.mu.Lock()
	defer l.mu.Unlock()
	if l.gone || (*values)[key] != v {
		s.off(v)
	}
}

// take takes a value away.
func take[K, V comparable](l *List, s *shelf[V], values *map[K]V, key K, v V) {
	l.mu.Lock()
	defer l.mu.Unlock()
	if (*values)[key] == v {
		delete(*values, key)
	}
	s.off(v)
}
