# A release: the program as it runs, in a folder of its own, named by what it is made of. It is made beside the one that
# runs, never changed afterwards, and has its own modules: neither npm nor a build disturbs what runs.

RELEASE_PARTS=(app core data demo door ui workers scripts/prepare-database.ts scripts/lib/release.sh instrumentation.ts next.config.ts tsconfig.json postcss.config.mjs package.json package-lock.json)

release_name() {
  find "${RELEASE_PARTS[@]}" -type f ! -name '*.test.*' ! -path '*/test/*' -print0 | sort -z | xargs -0 sha256sum | sha256sum | cut -c1-16
}

release_folder() { echo "$RELEASES/$1"; }

# The last thing that is written.
release_whole() { [ -f "$(release_folder "$1")/whole" ]; }

# make_release NAME: nothing to do when it is there. Fails without touching any other.
make_release() {
  ! release_whole "$1" || return 0
  local folder making_lock
  folder="$(release_folder "$1")"
  mkdir -p -- "$RELEASES"
  exec {making_lock}>>"$RELEASES/lock"
  flock "$making_lock"
  if ! release_whole "$1"; then
    stage "building the application"
    need_room "$RELEASES" 400
    need_modules
    say "Building the application (half a minute)"
    rm -rf -- "$folder"
    mkdir -p -- "$folder"
    build_release "$folder" >"$LOGS/build.log" 2>&1 || {
      tail -n 20 -- "$LOGS/build.log" >&2
      rm -rf -- "$folder"
      need_room "$RELEASES" 100
      fail "The build failed; what ran before is not touched and goes on." "See $LOGS/build.log."
    }
    touch -- "$folder/whole"
    forget_old_releases "$1"
  fi
  exec {making_lock}>&-
}

build_release() {
  local folder="$1" before
  tar -cf - --exclude='*.test.ts' --exclude='*.test.tsx' --exclude='*/test' "${RELEASE_PARTS[@]}" | tar -xf - -C "$folder" &&
    # The same files under a second name: npm replaces files, it does not write into them.
    { cp -al -- node_modules "$folder/node_modules" 2>/dev/null || { rm -rf -- "$folder/node_modules"; cp -a -- node_modules "$folder/node_modules"; }; } &&
    (
      cd -- "$folder" &&
        node_modules/.bin/next build &&
        bundle door/main.ts door.mjs --packages=external &&
        bundle app/server/sheet/pdf-worker.ts pdf-worker.mjs --external:pdfkit &&
        bundle scripts/prepare-database.ts prepare-database.mjs --external:@node-rs/* --external:pg-hstore
    ) || return 1
  node scripts/pack-files.mjs "$folder/.next/static" || return 1
  # Pages that are open go on: the files that an earlier release named by their content stay served, packed as they were. Of
  # one that both have, this release's own stays.
  for before in $(ls -1t -- "$RELEASES" | head -n 4); do
    [ ! -d "$RELEASES/$before/.next/static" ] || [ "$RELEASES/$before" = "$folder" ] ||
      cp -rn -- "$RELEASES/$before/.next/static/." "$folder/.next/static/" || true
  done
}

# bundle FROM TO OPTION...: one file out of many, which starts in a third of the time. What is written for the older
# module format, and taken in, asks for `require`. One of the database library's drivers is named by it and not there.
bundle() {
  node_modules/.bin/esbuild "$1" --bundle --platform=node --format=esm --conditions=react-server --outfile="$2" \
    --banner:js='import{createRequire}from"node:module";const require=createRequire(import.meta.url);' "${@:3}"
}

# Three are kept, and those in use.
forget_old_releases() {
  local name
  for name in $(cd -- "$RELEASES" && ls -1dt -- */ 2>/dev/null | tail -n +4 | tr -d /); do
    [ "$name" = "$1" ] || own_pid node "--release=$name" >/dev/null || rm -rf -- "$(release_folder "$name")"
  done
}
