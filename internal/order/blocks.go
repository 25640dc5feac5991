package order

import (
	"encoding/binary"
	"errors"
	"math"
	"slices"
	"sort"
)

// Blocks is a list divided into blocks of consecutive records. Each block has the key that it
// begins at and a number of records. The first begins at the start of the list. A block holds the
// records from its key on; there need not be a record with that key any more.
//
// A change returns new Blocks, which share with the old ones what did not change: a reader's
// blocks never change. They are safe for concurrent use.
//
// The blocks are the leaves of a tree, whose nodes know how many records and blocks are below
// them: finding a position and making a change take as many steps as the tree is high.
type Blocks struct {
	root *node
	step int64
}

// node is a node of the tree, or a leaf.
type node struct {
	kids    []*node
	text    []byte // of a leaf: for each block its records, the bytes shared with the key before, the number of the other bytes, and those
	first   []byte // the key that its first block begins at
	records int64
	blocks  int
	bytes   int // memory, with everything below
}

const (
	wide     = 48 // limit of blocks in a leaf, and nodes in a node
	nodeSize = 112
	long     = 15 // a number of bytes that does not fit into half a byte
)

// block is one block.
type block struct {
	key     []byte
	records int64
}

// errBlocks is the error for changes that do not fit the blocks.
var errBlocks = errors.New("order: the changes do not fit the blocks")

// Builder makes Blocks.
type Builder struct {
	step    int64
	leaves  []*node
	filling []block
	bytes   int
	limit   func(records int64) int
	all     int64
}

// Build begins blocks of step records each. They take at most as much memory as limit says for a
// number of records: blocks are merged while they would take more.
func Build(step int64, limit func(records int64) int) *Builder {
	return &Builder{step: max(step, 1), limit: limit}
}

// Step is how many records a block has at first. Adding records may double it.
func (b *Builder) Step() int64 { return b.step }

// Add adds the next records, with the key that they begin at, which is kept. They become part of
// the block before if that has fewer than a step.
func (b *Builder) Add(key []byte, records int64) {
	b.all += records
	if last := len(b.filling) - 1; last >= 0 && b.filling[last].records+records <= b.step {
		b.filling[last].records += records
		return
	}
	for len(b.filling) >= wide {
		b.leaf()
		for b.bytes > b.limit(b.all) && len(b.leaves) > 1 {
			b.widen()
		}
	}
	b.filling = append(b.filling, block{key, records})
}

func (b *Builder) leaf() {
	leaf := newLeaf(b.filling)
	b.leaves, b.bytes, b.filling = append(b.leaves, leaf), b.bytes+leaf.bytes, b.filling[:0]
}

// widen doubles the step, and merges blocks.
func (b *Builder) widen() {
	wider := Builder{step: 2 * b.step, limit: func(int64) int { return math.MaxInt }}
	for _, leaf := range b.leaves {
		for _, each := range leaf.all() {
			wider.Add(each.key, each.records)
		}
	}
	for _, each := range b.filling {
		wider.Add(each.key, each.records)
	}
	wider.limit = b.limit
	*b = wider
}

// Blocks are the blocks that were added.
func (b *Builder) Blocks() *Blocks {
	for {
		leaves := b.leaves
		if len(b.filling) > 0 {
			leaves = append(slices.Clip(leaves), newLeaf(b.filling))
		}
		if root := rooted(leaves); root.bytes <= b.limit(b.all) || root.blocks == 1 || b.step > b.all {
			return &Blocks{root, b.step}
		}
		b.widen()
	}
}

// rooted puts nodes under one root.
func rooted(nodes []*node) *node {
	if len(nodes) == 0 {
		return newLeaf([]block{{}})
	}
	for len(nodes) > 1 {
		nodes = grouped(nodes)
	}
	return nodes[0]
}

// grouped puts nodes under as few parents as possible, all about equally wide.
func grouped(kids []*node) []*node {
	n := (len(kids) + wide - 1) / wide
	nodes := make([]*node, n)
	for i := range nodes {
		nodes[i] = newNode(slices.Clone(kids[i*len(kids)/n : (i+1)*len(kids)/n]))
	}
	return nodes
}

func newNode(kids []*node) *node {
	n := &node{kids: kids, first: kids[0].first, bytes: nodeSize + 8*cap(kids)}
	for _, k := range kids {
		n.records, n.blocks, n.bytes = n.records+k.records, n.blocks+k.blocks, n.bytes+k.bytes
	}
	return n
}

func newLeaf(of []block) *node {
	n := &node{first: of[0].key, blocks: len(of)}
	text := make([]byte, 0, 16*len(of))
	var before []byte
	for i, b := range of {
		n.records += b.records
		text = binary.AppendUvarint(text, uint64(b.records))
		shared := len(b.key) // of the first block, whose key is stored in full elsewhere
		if i > 0 {
			shared = 0
			for shared < min(len(b.key), len(before)) && b.key[shared] == before[shared] {
				shared++
			}
		}
		if follow := len(b.key) - shared; shared < long && follow < long { // nearly always
			text = append(text, byte(shared<<4|follow))
		} else {
			text = binary.AppendUvarint(append(text, long<<4|long), uint64(shared))
			text = binary.AppendUvarint(text, uint64(follow))
		}
		text = append(text, b.key[shared:]...)
		before = b.key
	}
	n.text = slices.Clone(text) // no longer than necessary
	n.bytes = nodeSize + cap(n.text) + cap(n.first)
	return n
}

// all reads a leaf's blocks.
func (n *node) all() []block {
	all := make([]block, 0, n.blocks+2)
	n.each(func(key []byte, records int64) bool {
		all = append(all, block{slices.Clone(key), records})
		return true
	})
	return all
}

// each calls a function with the blocks of a leaf until it returns true. A key is valid until
// then.
func (n *node) each(of func(key []byte, records int64) bool) {
	rest := n.text
	number := func() int64 {
		v, length := binary.Uvarint(rest)
		rest = rest[length:]
		return int64(v)
	}
	key := append(make([]byte, 0, 64), n.first...)
	for range n.blocks {
		records := number()
		shared, follow := int64(rest[0]>>4), int64(rest[0]&long)
		if rest = rest[1:]; shared == long && follow == long {
			shared, follow = number(), number()
		}
		key = append(key[:shared], rest[:follow]...)
		rest = rest[follow:]
		if !of(key, records) {
			return
		}
	}
}

// Records is the number of records in all blocks.
func (b *Blocks) Records() int64 { return b.root.records }

// Len is how many blocks there are.
func (b *Blocks) Len() int { return b.root.blocks }

// Step is the approximate number of records in a block.
func (b *Blocks) Step() int64 { return b.step }

// Bytes is the memory of the blocks.
func (b *Blocks) Bytes() int { return b.root.bytes }

// At is the block of the record at a position, from 0.
func (b *Blocks) At(position int64) Block {
	n, at := b.root, Block{}
	for n.kids != nil {
		for i, k := range n.kids {
			if position < at.Before+k.records || i == len(n.kids)-1 {
				n = k
				break
			}
			at.Before, at.I = at.Before+k.records, at.I+k.blocks
		}
	}
	last := at.I + n.blocks - 1
	n.each(func(key []byte, records int64) bool {
		if at.Records = records; position < at.Before+records || at.I == last {
			at.Key = slices.Clone(key)
			return false
		}
		at.Before, at.I = at.Before+records, at.I+1
		return true
	})
	return at
}

// Block is one block, and where it stands.
type Block struct {
	I       int    // its number, from 0
	Key     []byte // where it begins; the first block begins at the start, whatever its key
	Before  int64  // records in the blocks before it
	Records int64
}

// Block is the block with a number.
func (b *Blocks) Block(i int) Block {
	n, at := b.root, Block{}
	for n.kids != nil {
		for _, k := range n.kids {
			if i < at.I+k.blocks {
				n = k
				break
			}
			at.Before, at.I = at.Before+k.records, at.I+k.blocks
		}
	}
	n.each(func(key []byte, records int64) bool {
		if at.Records = records; at.I == i {
			at.Key = slices.Clone(key)
			return false
		}
		at.Before, at.I = at.Before+records, at.I+1
		return true
	})
	return at
}

// Find is the number of the block that a key falls into, by a comparison of keys.
func (b *Blocks) Find(key []byte, compare func(a, b []byte) int) int {
	n, at := b.root, 0
	for n.kids != nil {
		// The last child that begins at the key or before it, otherwise the first.
		i := sort.Search(len(n.kids)-1, func(i int) bool { return compare(n.kids[i+1].first, key) > 0 })
		for _, k := range n.kids[:i] {
			at += k.blocks
		}
		n = n.kids[i]
	}
	keys := n.keys()
	return at + sort.Search(len(keys)-1, func(i int) bool { return compare(keys[i+1], key) > 0 })
}

// keys are the keys of a leaf's blocks.
func (n *node) keys() [][]byte {
	keys := make([][]byte, 0, n.blocks)
	all := make([]byte, 0, len(n.text)+n.blocks*len(n.first)) // enough in nearly all cases
	n.each(func(key []byte, _ int64) bool {
		from := len(all)
		all = append(all, key...)
		keys = append(keys, all[from:len(all):len(all)])
		return true
	})
	return keys
}

// Edit is a change of one block.
type Edit struct {
	I     int   // its number
	By    int64 // growth of the block, in records
	Parts []Part
}

// Part is a block that is split off from another: where it begins, and how many records of that
// block are before it. Parts are in order.
type Part struct {
	Key    []byte
	Before int64
}

// Edited are the blocks after edits, one for each block at most, in the order of the blocks.
// Neighbours with few records are merged. The error says that the edits do not fit the blocks.
func (b *Blocks) Edited(edits []Edit) (*Blocks, error) {
	nodes, err := b.root.edited(edits, 0, (b.step+1)/2)
	if err != nil {
		return nil, err
	}
	root := rooted(nodes)
	for len(root.kids) == 1 {
		root = root.kids[0]
	}
	return &Blocks{root, b.step}, nil
}

// edited returns the nodes that replace this one.
func (n *node) edited(edits []Edit, from int, few int64) ([]*node, error) {
	if len(edits) == 0 {
		return []*node{n}, nil
	}
	if n.kids == nil {
		return n.editedLeaf(edits, from, few)
	}
	kids := make([]*node, 0, len(n.kids)+1)
	for _, k := range n.kids {
		until := from + k.blocks
		mine := 0
		for mine < len(edits) && edits[mine].I < until {
			mine++
		}
		next, err := k.edited(edits[:mine], from, few)
		if err != nil {
			return nil, err
		}
		edits, from = edits[mine:], until
		for _, one := range next {
			if last := len(kids) - 1; last >= 0 && kids[last].size()+one.size() <= wide/2 && (kids[last].kids == nil) == (one.kids == nil) {
				kids[last] = joined(kids[last], one)
			} else {
				kids = append(kids, one)
			}
		}
	}
	switch {
	case len(edits) > 0:
		return nil, errBlocks
	case len(kids) == 0:
		return nil, nil
	}
	return grouped(kids), nil
}

func (n *node) size() int {
	if n.kids == nil {
		return n.blocks
	}
	return len(n.kids)
}

func joined(a, b *node) *node {
	if a.kids == nil {
		return newLeaf(append(a.all(), b.all()...))
	}
	return newNode(slices.Concat(a.kids, b.kids))
}

func (n *node) editedLeaf(edits []Edit, from int, few int64) ([]*node, error) {
	was := n.all()
	now := make([]block, 0, len(was)+len(edits))
	for i, each := range was {
		first := len(now)
		now = append(now, each)
		if len(edits) > 0 && edits[0].I == from+i {
			e := edits[0]
			edits = edits[1:]
			records := each.records + e.By
			before := int64(0)
			for _, p := range e.Parts {
				if p.Before <= before || p.Before >= records {
					return nil, errBlocks
				}
				now[len(now)-1].records = p.Before - before
				now, before = append(now, block{key: p.Key}), p.Before
			}
			if now[len(now)-1].records = records - before; records < 0 {
				return nil, errBlocks
			}
		}
		// A block with few records is merged with the one before it.
		if last := first - 1; last >= 0 && len(now) == first+1 && now[last].records+now[first].records <= few {
			now[last].records += now[first].records
			now = now[:first]
		}
	}
	if len(edits) > 0 {
		return nil, errBlocks
	}
	if len(now) <= wide {
		return []*node{newLeaf(now)}, nil
	}
	var leaves []*node
	parts := (len(now) + wide - 1) / wide * 4 / 3 // with room to grow
	parts = max(parts, 2)
	for i := range parts {
		leaves = append(leaves, newLeaf(now[i*len(now)/parts:(i+1)*len(now)/parts]))
	}
	return leaves, nil
}
