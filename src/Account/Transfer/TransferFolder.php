<?php

declare(strict_types=1);

namespace App\Account\Transfer;

use Symfony\Component\DependencyInjection\Attribute\Autowire;
use Symfony\Component\Filesystem\Filesystem;
use Symfony\Component\Uid\Ulid;

/** Where ZIPs lie for a day: a folder that web servers and workers share. */
final readonly class TransferFolder
{
    public function __construct(#[Autowire('%env(resolve:SCHWUNG_TRANSFERS)%')] private string $folder) {}

    public function path(Ulid $transfer): string
    {
        return "{$this->folder}/$transfer.zip";
    }

    public function put(string $file, Ulid $transfer): void
    {
        $files = new Filesystem();
        $files->mkdir($this->folder, 0o700);
        $files->rename($file, $this->path($transfer), true);
    }

    public function takeAway(Ulid $transfer): void
    {
        (new Filesystem())->remove($this->path($transfer));
    }
}
