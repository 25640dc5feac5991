// Package cluster has the files that a cluster is set up by.
package cluster

import "embed"

// Files are settings for etcd, Patroni and HAProxy. What is in ${…} differs from machine to machine.
//
//go:embed etcd.yml patroni.yml haproxy.cfg
var Files embed.FS
