#!/usr/bin/env bash
# A demo kitchen of its own for the browser tests: the real server on a database that is made new each time.
set -euo pipefail
cd "$(dirname "${BASH_SOURCE[0]}")/../.."
export MILL_DATABASE="$PWD/tests/browser/.results/server/kitchen.sqlite"
rm -rf "$(dirname "$MILL_DATABASE")"
exec bin/mill demo --port "$1"
