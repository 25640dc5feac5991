// Pageladder pages record sets: a service, its console and its command line.
package main

import (
	"os"

	"pageladder.example/internal/cli"
)

func main() { os.Exit(cli.Run(os.Args[1:], os.Stdin, os.Stdout, os.Stderr)) }
