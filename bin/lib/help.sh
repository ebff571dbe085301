# What bin/mill says of itself and of each command.

help() {
    cat <<'TEXT'
bin/mill COMMAND ...          bin/mill COMMAND --help says more of one; bin/mill --version

  demo                        serve Stone Mill with the demo kitchen
  up                          serve the kitchen that is there, or an empty one with a first-run page
  test [PART] [--changed]     every check and test, or a part of them
  plan FILE                   a batch plan; and as many questions again (bin/mill plan --help)
  backup [FILE]               copy the kitchen while it is in use
  restore FILE                put a copy back
  export FILE, import FILE    a kitchen as a file for another house, and such a file in
  users                       who cooks where
  password NAME               give a cook another password, and sign that cook out everywhere
  doctor                      look the house over, with a remedy for what is wrong
  house                       what a house wants that is reached from elsewhere
  check                       every shipped bread as planned, beside practice and the literature
  rebuild                     work out anew what lists show of each batch
  manual                      all of it on one page: commands, exit status, streams, settings, files
  completion                  for bash: source <(bin/mill completion)
  bench, attack, shots        measure speed; attack a house of its own; take the pictures again
TEXT
}

# The questions of the core, each asked with a document.
is_question() {
    case "$1" in
        plan | compare | swap | blend | choose | nixtamal | milling | label | shape | bake | turns | loads | calibrate | practice | day | sheet | learn | causes | trial | riddle | formula | bags | past) ;;
        *) return 1 ;;
    esac
}

# Says more of one command; fails where there is none of that name.
help_on() {
    case "$1" in
        demo) cat <<'TEXT' ;;
bin/mill demo [--port N] [--host ADDRESS] [--fresh] [--no-demo]
    Sets up what is missing and serves Stone Mill with the demo kitchen on http://127.0.0.1:8410.
    --port     another port
    --fresh    starts from a new database; the old one is kept beside it with its date
    --no-demo  an empty kitchen with a first-run page
    --host     serves beyond this machine; wants a password of your own in MILL_PASSWORD
    MILL_DATABASE names the kitchen's file, MILL_WORKERS how many questions are worked on at once.
TEXT
        up) printf 'bin/mill up [--port N] [--host ADDRESS] [--fresh]\n    Serves the kitchen that is there, or an empty one with a first-run page: demo without its demo.\n' ;;
        house) cat <<'TEXT' ;;
bin/mill house [check|prepare]
    Looks over a house that is reached from elsewhere, by deploy/README.md: place, user, settings in /etc/stone-mill, certificate, units,
    and whether it answers by its own name. Says for each thing that is missing how to put it right; fails where there is any.
    prepare    what stone-mill-php.service does before its workers begin
TEXT
        users) printf 'bin/mill users [--json]\n    Lists who cooks in which kitchen, and as what.\n' ;;
        manual) printf 'bin/mill manual\n    Prints all that help says, with exit status, streams, settings and files; a page at a time on a terminal.\n' ;;
        completion) printf 'bin/mill completion\n    Prints the completion of these commands for bash: source <(bin/mill completion)\n' ;;
        test) cat <<'TEXT' ;;
bin/mill test [core|feature|web|browser|attack]... [--changed]
    Sets up what is missing and runs every check and test, or those of the named parts, and sums up once.
    core       style, static analysis and tests of the rules        feature  the same for HTTP, database and commands
    web        types, lint, unit tests and build of the page        browser  the built page in Chromium
    attack     the short form of the attacks on a house
    --changed  only the parts that what is not committed yet can have changed
TEXT
        backup) cat <<'TEXT' ;;
bin/mill backup [FILE]
    Copies the kitchen's database while it is in use and looks the copy through; without a name, under the day and time in
    storage/backups, where the newest 14 are kept. Once a day where cron calls 'php artisan schedule:run' each minute.
    The kitchen is the one that MILL_DATABASE names, as for demo.
TEXT
        restore) cat <<'TEXT' ;;
bin/mill restore FILE
    Puts a copy back and keeps what was there, damaged or not. An older copy is brought up to date; a newer, foreign or broken one
    is refused and leaves all as it was.
TEXT
        export) printf 'bin/mill export FILE [--kitchen NAME]\n    Writes a whole kitchen into a file that another house can read (docs/formats.md). Passwords do not go along.\n' ;;
        import) cat <<'TEXT' ;;
bin/mill import FILE [--kitchen NAME] [--look] [--take]
    Brings a kitchen file in, whole or not at all: into a house without a kitchen, or into one of its kitchens.
    --look   only says what would come in
    --take   of what is not alike here and there, takes it as the file has it; otherwise it stays as it is here
TEXT
        password) printf 'bin/mill password NAME\n    Gives a cook another password, from MILL_PASSWORD or as it is typed, and signs that cook out everywhere. A name that nobody has is refused.\n' ;;
        doctor) printf 'bin/mill doctor\n    Looks at versions, file rights, disk, database, clock and the age of the last copy; says a remedy where one is wanted.\n' ;;
        check) printf 'bin/mill check\n    Prints a table of every shipped bread as it is planned, beside practice and what is published of it.\n' ;;
        rebuild) printf 'bin/mill rebuild\n    Works out anew, from the logs, what lists show of each batch.\n' ;;
        bench) printf 'bin/mill bench\n    Measures speed as ratios within one run; writes bench/results.md.\n' ;;
        attack) printf 'bin/mill attack\n    Kills, floods and feeds nonsense to houses of its own; writes bench/reliability.md. Takes about twelve minutes.\n' ;;
        shots) printf 'bin/mill shots\n    Takes the pictures of docs/screenshots/ again from the demo data.\n' ;;
        *)
            is_question "$1" || return 1
            cat <<'TEXT'
bin/mill QUESTION FILE.json        - in place of a file reads standard input
    Answers one question of the core from its document (formats/openapi.yaml); needs only PHP.
    plan       the batch plan of a request; on a terminal in words, into a pipe as JSON
    compare    two requests side by side             swap      what can stand in for a line
    blend      flours that meet wishes               choose    breads that do what they must
    nixtamal   corn to masa                          milling   grain to flour
    label      the table of a package                shape     cut-outs, filling, batter
    bake       a picture of the bake                 turns     the best heat and times
    loads      one load after another                calibrate how hot a griddle gets
    practice   the practice griddle                  day       several batches on one day
    sheet      a batch as a list to take along       learn     what batches say of bags
    causes     what may be wrong with a bread        trial     what measurements of a few levels say (JSON, or CSV: level,value)
    formula    what a formula in a cook's own words says (JSON, or the text itself)
    bags       what a sheet of bags says (JSON, or the CSV itself)
    past       what a record kept until now says
    riddle     a batch to find the fault of
    Ends with 0 answered; 2 refused, with a problem document (or sentences on a terminal) on standard error; 1 anything else.
TEXT
            ;;
    esac
}
