# Sourced by summit: builds what is needed and starts the application with demo data.
source scripts/launch.sh
take_options "$@"
[ "$fresh" = true ] && rm -rf data/demo
launch ./data/demo "  wim    a student at the very beginning
  nela   a student in the middle of an item
  orla   the instructor
  The password of everyone is: summit

Stop with Ctrl+C. Start with --fresh for new demo data." -Dsummit.demo=true
