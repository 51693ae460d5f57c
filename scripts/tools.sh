# Shared by run, test and bench: what a machine must have, and the build.
# Expects $here to be the root of the checkout.

export DOTNET_CLI_TELEMETRY_OPTOUT=1 DOTNET_NOLOGO=1 DOTNET_SKIP_FIRST_TIME_EXPERIENCE=1

# An edit allocates some megabytes: with more room for what is new, fewer answers wait for a collection.
# Only the environment takes it.
export DOTNET_GCgen0size=0x4000000

missing() {
  printf 'Missing: %s\n' "$1" >&2
  exit 1
}

require_dotnet() {
  command -v dotnet >/dev/null || missing "the .NET SDK 10 (the command 'dotnet')"
  dotnet --list-sdks | grep -q '^10\.' || missing "the .NET SDK 10; this machine has: $(dotnet --list-sdks | cut -d' ' -f1 | tr '\n' ' ')"
}

require_node() {
  command -v node >/dev/null || missing "Node 20 or newer (the command 'node')"
  command -v npm >/dev/null || missing "npm, which comes with Node"
  [ "$(node -p 'process.versions.node.split(".")[0]')" -ge 20 ] || missing "Node 20 or newer; this machine has $(node --version)"
}

# Runs a step quietly; what it printed is shown when it fails.
step() {
  local said="$1" log
  shift
  log="$(mktemp)"
  printf '%s…\n' "$said" >&2
  if ! "$@" >"$log" 2>&1; then
    cat "$log" >&2
    rm -f "$log"
    printf 'Failed: %s\n' "$said" >&2
    exit 1
  fi
  rm -f "$log"
}

# Whether anything that stands in the built product is newer than the stamp.
changed_since() {
  [ ! -e "$1" ] || [ -n "$(find "$here"/src "$here"/Directory.*.props "$here"/global.json "$here"/scripts/tools.sh \
    \( -name bin -o -name obj -o -name node_modules -o -name wwwroot -o -name openapi.json -o -name schema.d.ts \) -prune \
    -o -newer "$1" -type f -print -quit)" ]
}

install_web() {
  local stamp="$here/.build/web-packages"
  if [ ! -e "$stamp" ] || [ ! -d "$here/src/web/node_modules" ] || [ "$here/src/web/package-lock.json" -nt "$stamp" ]; then
    step "Installing the web client's packages" npm ci --prefix "$here/src/web" --no-audit --no-fund
    mkdir -p "$here/.build" && touch "$stamp"
  fi
}

# Server first: its build writes the OpenAPI document that the web client's types are made from.
build_all() {
  local stamp="$here/.build/product" begun
  changed_since "$stamp" || return 0
  mkdir -p "$here/.build"
  begun="$(mktemp "$here/.build/begun.XXXXXX")"
  step "Building the server" dotnet build "$here/src/BurlyRidge.Server" -c Release -v quiet
  install_web
  step "Building the web client" npm run --prefix "$here/src/web" build
  mv "$begun" "$stamp"
}

# Takes pairs command:package and installs the Debian packages of the commands that are missing.
require_programs() {
  local pair packages=()
  for pair in "$@"; do
    command -v "${pair%%:*}" >/dev/null || packages+=("${pair##*:}")
  done
  [ "${#packages[@]}" -eq 0 ] && return 0
  command -v apt-get >/dev/null || missing "${packages[*]} (install them with this machine's package manager)"
  [ "$(id -u)" -eq 0 ] || missing "${packages[*]} (as root: apt-get install ${packages[*]})"
  step "Installing ${packages[*]}" sh -c "apt-get update -qq && DEBIAN_FRONTEND=noninteractive apt-get install -y -qq --no-install-recommends ${packages[*]}"
}
