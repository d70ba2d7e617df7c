<?php

declare(strict_types=1);

namespace IronLatch\Export;

/** A file that is handed over. */
final readonly class ExportFile
{
    /**
     * @param string $type its MIME type
     */
    public function __construct(public string $name, public string $type, public string $text) {}
}
