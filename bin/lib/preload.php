<?php

declare(strict_types=1);

/* What every worker of a server has at hand without loading it: the core, which asks nothing of a framework. */
require dirname(__DIR__, 2).'/core/autoload.php';

$sources = dirname(__DIR__, 2).'/core/src';
$found = new RecursiveIteratorIterator(new RecursiveDirectoryIterator($sources, FilesystemIterator::SKIP_DOTS));
foreach (array_keys(iterator_to_array($found)) as $file) {
    $class = 'StoneMill\\'.strtr(substr((string) $file, strlen($sources) + 1, -4), '/', '\\');
    class_exists($class) || interface_exists($class) || enum_exists($class);
}
