# Completion for bash: source <(bin/mill completion)
_mill() {
    local word=${COMP_WORDS[COMP_CWORD]} command=${COMP_WORDS[1]:-}
    local questions='plan compare swap blend choose nixtamal milling label shape bake turns loads calibrate practice day sheet learn causes trial riddle formula bags past'
    if [ "$COMP_CWORD" -eq 1 ]; then
        mapfile -t COMPREPLY < <(compgen -W "demo up test $questions backup restore export import users password doctor house check rebuild bench attack shots completion manual help version" -- "$word")
        return
    fi
    case "$command" in
        demo | up) mapfile -t COMPREPLY < <(compgen -W '--port --host --fresh --no-demo' -- "$word") ;;
        test) mapfile -t COMPREPLY < <(compgen -W 'core feature web attack browser --changed' -- "$word") ;;
        import) mapfile -t COMPREPLY < <(compgen -f -W '--kitchen --look --take' -- "$word") ;;
        export) mapfile -t COMPREPLY < <(compgen -f -W '--kitchen' -- "$word") ;;
        house) mapfile -t COMPREPLY < <(compgen -W 'check prepare' -- "$word") ;;
        users) mapfile -t COMPREPLY < <(compgen -W '--json' -- "$word") ;;
        help) mapfile -t COMPREPLY < <(compgen -W "demo up test backup restore export import users password doctor house check rebuild bench attack shots completion manual $questions" -- "$word") ;;
        password) ;;
        *) mapfile -t COMPREPLY < <(compgen -f -- "$word") ;;
    esac
}
complete -o filenames -F _mill mill bin/mill
