<?php

declare(strict_types=1);

// What PHP's own web server keeps loaded from its start on: the libraries. Our own code is not among it, so that
// whoever changes a rule sees it at the next page.
use Symfony\Component\DependencyInjection\Dumper\Preloader;

$root = dirname(__DIR__);
$loader = require "$root/vendor/autoload.php";
preg_match_all(
    '~^\$classes\[\] = \'(?!App\\\\|Schwung\\\\)(.+)\';$~m',
    (string) file_get_contents("$root/var/cache/prod/App_KernelProdContainer.preload.php"),
    $held,
);
// What Doctrine makes for itself; other databases' drivers rest on extensions that need not be here.
$made = preg_grep(
    '~^Doctrine\\\\(ORM\\\\(?!Tools)|DBAL\\\\(?!Tools|Cache|Driver\\\\(?!Abstract|PDO\\\\)))~',
    array_keys($loader->getClassMap()),
);
Preloader::preload([...$held[1], ...$made]);
