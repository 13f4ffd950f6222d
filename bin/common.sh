# Shared by the scripts in bin/: where things are, what to say, and how to install from Debian.
set -euo pipefail

here=$(cd "$(dirname "${BASH_SOURCE[0]}")/.." && pwd)
cd "$here"
data=${DATA_FOLDER:-$here/.data}

step() { printf '· %s\n' "$*"; }
fail() {
  printf '\n%s\n' "$*" >&2
  exit 1
}

need_node() {
  command -v node >/dev/null || fail "Node.js 20.19 or later is needed and was not found."
  node -e 'const [a, b] = process.versions.node.split(".").map(Number); process.exit(a > 20 || (a === 20 && b >= 19) ? 0 : 1)' ||
    fail "Node.js 20.19 or later is needed; this is $(node --version)."
}

# install_debian WHAT PACKAGE...: from Debian's registry, where we may.
install_debian() {
  local what=$1
  shift
  local command="apt-get update && apt-get install -y --no-install-recommends $*"
  if [ "$(id -u)" = 0 ] && command -v apt-get >/dev/null; then
    step "Installing $what from Debian"
    { apt-get update -qq && DEBIAN_FRONTEND=noninteractive apt-get install -y -qq --no-install-recommends "$@"; } \
      >"$here/.cache/apt.log" 2>&1 || fail "$what could not be installed; see .cache/apt.log. By hand, as root: $command"
  else
    fail "$what is needed and was not found. Install it as root with: $command"
  fi
}

# The Stage speaks by espeak-ng: without it there are sounds and words on the screen, and nothing else is missing.
want_voice() {
  ! command -v "${VOICE_PROGRAM:-espeak-ng}" >/dev/null || return 0
  if [ "$(id -u)" = 0 ] && command -v apt-get >/dev/null; then
    (install_debian "a voice for the Stage" espeak-ng) || step "The Stage will not speak: espeak-ng could not be installed."
  else
    step "The Stage will not speak until espeak-ng is installed. As root: apt-get install -y espeak-ng"
  fi
}

# Packages of the registry, only when the lock file has changed since.
install_packages() {
  local stamp="$here/node_modules/.installed" now
  now=$(cksum <"$here/package-lock.json")
  if [ "$(cat "$stamp" 2>/dev/null)" != "$now" ]; then
    step "Installing packages"
    npm ci --no-audit --no-fund --loglevel=error >"$here/.cache/npm.log" 2>&1 ||
      fail "npm ci failed; see .cache/npm.log."
    printf '%s' "$now" >"$stamp"
  fi
}

port_is_free() { ! (exec 3<>"/dev/tcp/127.0.0.1/$1") 2>/dev/null; }

mkdir -p "$here/.cache"
