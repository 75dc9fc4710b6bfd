# Who runs a database's folder. Sourced after common.sh, never run.
#
# The note beside the folder says which process it was, when that process began (a number that is used again means another
# one), since which start of the machine, and for which folder (a note that was copied along means nothing).

process_start() { awk '{print $22}' "/proc/$1/stat" 2>/dev/null; }

owner_note() { echo "$1 $(process_start "$1") $(cat /proc/sys/kernel/random/boot_id 2>/dev/null) $(realpath -m "$2")"; }

# owner_write NOTE FOLDER
owner_write() { owner_note $$ "$2" >"$1"; }

# owner_lives NOTE FOLDER: whether who wrote it still runs it.
owner_lives() {
  [ -s "$1" ] || return 1
  local process
  process=$(awk 'NR == 1 {print $1}' "$1")
  [[ "$process" =~ ^[0-9]+$ ]] && [ -d "/proc/$process" ] && [ "$(cat "$1")" = "$(owner_note "$process" "$2")" ]
}

# free_megabytes PLACE: on the disk of a place, or of the nearest folder above it that exists.
free_megabytes() {
  local place=$1
  while [ ! -e "$place" ]; do place=$(dirname "$place"); done
  df -Pm "$place" | awk 'NR == 2 {print $4}'
}
