# The whole of what bin/mill says of itself, in the order of a manual page. What each command does stands in help.sh alone.

# Every command that is no question, as it is told; bin/mill help and the completion name the same ones.
commands=(demo up test backup restore export import users password doctor house check rebuild bench attack shots completion manual)

manual() {
    printf 'NAME\n    mill - a bench companion for flatbreads without wheat gluten, from choice to verdict\n\n'
    printf 'SYNOPSIS\n    bin/mill COMMAND [ARGUMENT]...\n    bin/mill QUESTION FILE.json\n    bin/mill help [COMMAND] | --version\n\n'
    printf 'DESCRIPTION\n    Works from any folder; a name of a file counts from where the cook stands. What is missing on the machine is installed first,\n    and each step is said; a question to the core needs PHP alone.\n\n'
    printf 'COMMANDS\n'
    local command
    for command in "${commands[@]}"; do told "$command"; done
    printf 'QUESTIONS\n'
    told plan
    cat <<'TEXT'
EXIT STATUS
    0   done, or answered
    1   it could not be done, or something is wanted (doctor, house): what stands in the way is said
    2   refused: a command, name, value or file that is not taken is named, with what is

STREAMS
    Plain sentences go to a terminal, JSON into a pipe. What is refused or fails goes to standard error alone.

ENVIRONMENT
    MILL_DATABASE   the kitchen's file; storage/kitchen/kitchen.sqlite where nothing is said
    MILL_COPIES     folder of the copies; storage/backups
    MILL_HOSTS      names, with commas between, by which browsers may ask for this house, besides localhost and addresses
    MILL_WORKERS    how many questions are worked on at once
    MILL_PASSWORD   the password for demo --host and for password

FILES
    storage/kitchen     the kitchen, one SQLite file
    storage/backups     its copies
    storage/logs        what went wrong, one file a day
    /etc/stone-mill     settings of a house that others reach (deploy/README.md)

EXAMPLES
    bin/mill plan formats/examples/pressed-masa.json
    bin/mill formula - < notes.txt
    MILL_DATABASE=/srv/mill/kitchen.sqlite bin/mill backup

SEE ALSO
    docs/formats.md, docs/model.md, deploy/README.md, formats/openapi.yaml

TEXT
    printf 'VERSION\n    %s\n' "$(cat VERSION)"
}

# What help says of one command, one step to the right.
told() { help_on "$1" | sed 's/^./    &/'; printf '\n'; }
