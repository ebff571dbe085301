<?php

declare(strict_types=1);

/* The core without a package manager: enough for the command line to plan on a machine that has only PHP. */
spl_autoload_register(static function (string $class): void {
    if (str_starts_with($class, 'StoneMill\\')) {
        require __DIR__.'/src/'.str_replace('\\', '/', substr($class, 10)).'.php';
    }
});
