<?php

declare(strict_types=1);

namespace App\AtTheFrame;

/** More photos came than are taken at once; the message is for the person who took them. */
final class PhotosRefused extends \RuntimeException {}
