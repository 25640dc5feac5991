# Two commands do it all:
#   make demo   from packages to the running service with the demo data
#   make test   from packages to the last browser test

VERSION := $(shell git describe --tags --always --dirty 2>/dev/null || echo development)
LDFLAGS := -s -w -X pageladder.example/internal/cli.Version=$(VERSION)
SOURCES := $(shell git ls-files -co --exclude-standard '*.go' '*.sql' '*.csv' '*.json' internal/lists/pages go.mod go.sum)
CONSOLE_SOURCES := $(shell git ls-files -co --exclude-standard console ':!console/*.go')

# The same for every command, so that each compiles a package for all others; without the tag a coder that
# nothing here uses takes an eighth of all the time for compiling.
export GOFLAGS += -trimpath -tags=nomsgpack

.PHONY: demo test js test-cluster cluster properties soak race times mutants packages-demo packages-test packages-cluster test-js check build console format bench clean

demo: packages-demo build
	exec bin/pageladder demo $(ARGS)

# Debian packages come first: what is missing is then said at once.
packages-demo:
	@deploy/packages postgresql-15
packages-test:
	@deploy/packages postgresql-15 mariadb-server pgbouncer chromium-headless-shell fonts-dejavu-core wbritish

packages-cluster:
	@deploy/packages postgresql-15 patroni etcd-server haproxy

build: bin/pageladder

bin/pageladder: $(SOURCES) console/dist/index.html
	go build -ldflags '$(LDFLAGS)' -o $@ ./cmd/pageladder

console: console/dist/index.html

console/dist/index.html: js/sql/dist/index.js $(CONSOLE_SOURCES) docs/openapi.json docs/glossary.md docs/rules.schema.json console/node_modules/.package-lock.json
	cd console && npm run build

console/node_modules/.package-lock.json: console/package-lock.json console/package.json
	cd console && npm ci --ignore-scripts
	@touch $@

# The packages for TypeScript, as tarballs in bin/js. Their tests need Go, which is asked beside them, and tests in Go need them.
JS_SOURCES := $(shell git ls-files -co --exclude-standard js)
js: js/sql/dist/index.js
	mkdir -p bin/js && cd js && npm pack --silent --workspaces --pack-destination ../bin/js

js/sql/dist/index.js: $(JS_SOURCES) js/node_modules/.package-lock.json
	cd js && npm run build
	@touch $@

js/node_modules/.package-lock.json: js/package-lock.json js/package.json
	cd js && npm ci --ignore-scripts
	@touch $@

test-js: js
	cd js && npm test

# The linters are those of check, so that go test runs none again. The longest packages come first, so that
# both cores have work until the end.
ALL := ./internal/sets ./console ./internal/service ./...
test: packages-test check build properties test-js
	go test -vet=off -timeout 30m $(ALL)

# The core's properties under a memory limit: a runaway fails the test, not the machine.
DRAWS := 500
properties:
	go test -vet=off -c -o bin/paging.test ./paging
	cd paging && ulimit -v 4000000 && GOMEMLIMIT=1GiB ../bin/paging.test -test.run '^Test' -rapid.checks=$(DRAWS)

# The cluster of docs/cluster.md on this machine; bin/cluster then lets parts of it fail, and ends it.
cluster: packages-cluster build
	go build -o bin/cluster ./cmd/cluster
	bin/cluster up

# What callers notice while parts of a cluster fail.
test-cluster: packages-cluster
	PAGELADDER_CLUSTER=1 go test -vet=off -count=1 -timeout 10m -v ./internal/cluster

# The long draws of the tests, without a limit of time. It prints the seed of what fails.
RAPID := $(shell git grep -l pgregory.net/rapid -- '*_test.go' | xargs dirname | sort -u | sed 's|^|./|')
soak: packages-test packages-cluster build
	PAGELADDER_SOAK=1 go test -vet=off -count=1 -p 1 -timeout 0 ./...
	go test -vet=off -count=1 -p 1 -timeout 0 $(RAPID) -rapid.checks=10000
	$(MAKE) properties DRAWS=100000
	PAGELADDER_SOAK=1 $(MAKE) test-js
	PAGELADDER_CLUSTER=1 PAGELADDER_SOAK=1 go test -vet=off -count=1 -timeout 0 -v -run TestAnHour ./internal/cluster

# The tests with the race detector, which needs a C compiler; in parts: make race PART=./internal/sets
PART := ./...
race: packages-test build
	@deploy/packages gcc libc6-dev
	CGO_ENABLED=1 go test -race -vet=off -count=1 -p 1 -timeout 30m $(PART)

# The table of the tests in docs/CONTRIBUTING.md.
times: packages-test build
	go test -vet=off -count=1 -timeout 30m -json $(ALL) > bin/times.json
	go run ./internal/suite docs/CONTRIBUTING.md < bin/times.json

# Faults are planted one by one, and each must be noticed; some of them: make mutants ONLY=cursor
mutants: packages-test build
	go run ./internal/mutants -only '$(ONLY)'

# Formatters, linters and type checks; they change nothing.
check: console/dist/index.html
	@test -z "$$(gofmt -l $$(git ls-files '*.go'))" || { echo "not formatted (make format):"; gofmt -l $$(git ls-files '*.go'); exit 1; }
	.ci/imports
	go vet ./...
	go tool staticcheck ./...
	cd console && npm run types && npm run lint
	cd js && npm run lint

format:
	gofmt -w $$(git ls-files '*.go')
	cd console && npm run format
	cd js && npm run format

bench:
	go test -run '^$$' -bench . -benchmem ./...
	cd js && npm run build && node core/build/bench.js

clean:
	rm -rf bin console/node_modules js/node_modules js/*/dist js/*/build js/*/*.tsbuildinfo
	cd console/dist && rm -rf assets index.html
