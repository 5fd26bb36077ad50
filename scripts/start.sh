# Sourced by summit: builds what is needed and starts the application for a class of one's own.
source scripts/launch.sh
take_options "$@"
[ "$fresh" = false ] || fail "start has no --fresh: it would throw the work of a class away. Move data/class aside yourself."
launch ./data/class "  Everything is kept in data/class. The first start prints a code for the first account above.
  Stop with Ctrl+C."
